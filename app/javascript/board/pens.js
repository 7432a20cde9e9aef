// How the pen and the highlighter write now, and how they would with another colour and width.
import { Part } from "surface/part"

const SEEN_THROUGH = 0.42 // opacity of the highlighter

export class Pens extends Part {
  static needs = ["state"]

  pen() {
    return this.of("pen", this.state.pen)
  }
  marker() {
    return this.of("highlighter", this.state.marker)
  }

  of(tool, { colour, stroke_width }) {
    if (tool === "highlighter") return { colour, stroke_width, nib: "even", opacity: SEEN_THROUGH }
    return { colour, stroke_width, nib: this.state.preferences.lively ? "lively" : "even", opacity: 1 }
  }
}
