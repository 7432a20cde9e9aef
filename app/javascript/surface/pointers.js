// Laser pointers of students on a page, each with the name beside it.
import { make } from "surface/svg"

const LASTS = 6000 // ms after the last word of one until it goes
const COLOURS = ["#1e6079", "#1d7758", "#b3411d", "#7b3f8c", "#8a5a00", "#9a3a61"]

export class Pointers {
  // dot: the teacher's, before which they lie.
  constructor(dot) {
    Object.assign(this, { dot, shown: new Map() })
  }

  // seat: a number; at: [x, y] in page units, or nothing when it has gone.
  show({ seat, name, at }) {
    const known = this.shown.get(seat)
    clearTimeout(known?.timer)
    if (!at) return this.away(seat)
    const { element } = known ?? { element: this.build(seat, name) }
    element.setAttribute("transform", `translate(${at[0]} ${at[1]})`)
    this.shown.set(seat, { element, timer: setTimeout(() => this.away(seat), LASTS) })
  }

  away(seat) {
    this.shown.get(seat)?.element.remove()
    this.shown.delete(seat)
  }

  build(seat, name) {
    const fill = COLOURS[seat % COLOURS.length],
      element = make("g", { "pointer-events": "none", class: "named-pointer" })
    const words = make("text", {
      x: 26,
      y: 10,
      "font-size": 32,
      "font-weight": 700,
      fill,
      stroke: "#fff",
      "stroke-width": 7,
      "paint-order": "stroke"
    })
    words.textContent = name
    element.append(make("circle", { r: 24, fill, opacity: 0.25 }), make("circle", { r: 11, fill }), words)
    this.dot.before(element)
    return element
  }
}
