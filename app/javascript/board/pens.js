// How the pen and the highlighter write now, and how they would with another colour and width.
import { Part } from "surface/part"
import { dark } from "shared/colour"

const INK = "#231a1e",
  CHALK = "#ffffff"
const SEEN_THROUGH = 0.42 // opacity of the highlighter

export class Pens extends Part {
  static needs = ["state", "surface"]

  constructor(parts) {
    super(parts)
    for (const change of ["turned", "replanned"]) this.surface.events.on(change, () => this.suit())
  }

  // The usual pen can be read on the paper it writes on; one that somebody has chosen stays.
  suit() {
    const { pen, pageColour } = this.state
    if (pageColour && [INK, CHALK].includes(pen.colour)) pen.colour = dark(pageColour) ? CHALK : INK
  }

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
