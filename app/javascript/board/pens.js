// How the pen and the highlighter write now, and how they would with another colour and width.
import { Part } from "surface/part"

const INK = "#231a1e",
  CHALK = "#ffffff"
const SEEN_THROUGH = 0.42 // opacity of the highlighter

// Whether white reads better on a colour ("#rrggbb") than ink: the same as core/lib/usher/colour.rb.
export function dark(colour) {
  const parts = [1, 3, 5].map(at => parseInt(colour.slice(at, at + 2), 16) / 255)
  const linear = parts.map(part => (part <= 0.04045 ? part / 12.92 : ((part + 0.055) / 1.055) ** 2.4))
  return 0.2126 * linear[0] + 0.7152 * linear[1] + 0.0722 * linear[2] < 0.18
}

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
