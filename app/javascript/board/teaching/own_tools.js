// Part of the page where a hand has a pen or an eraser of its own, whatever the teacher holds: a lane, the half of a second
// puck. One that stands is in `surface.areas`, which contacts ask first.
import { Part } from "surface/part"

export const STROKE_WIDTH = 7 // page units
export const ERASER = 26
const ELSEWHERE = ["highlighter", "text", "laser"] // tools that are meant wherever they are used

export class OwnTools extends Part {
  static needs = ["pens", "state", "surface", "toolbox"]

  stand(on) {
    const { surface } = this
    surface.areas = surface.areas.filter(area => area !== this)
    if (on) surface.areas.push(this)
  }

  // Whether what the teacher holds leaves room for it.
  get meant() {
    return !ELSEWHERE.includes(this.state.tool)
  }

  // pen: a colour, or "eraser". Answers true, as what a contact that was equipped says.
  give(contact, pen) {
    const erases = pen === "eraser"
    contact.tool = this.toolbox.get(erases ? "eraser" : "pen")
    if (erases) contact.eraser = { mode: "cut", radius: ERASER }
    else contact.look = this.pens.of("pen", { colour: pen, stroke_width: STROKE_WIDTH })
    return true
  }
}
