// A dark screen over everything on this board; a tap, a click or any key brings the page back.
import { Part } from "surface/part"

export class Dark extends Part {
  static needs = ["surface"]

  constructor(parts) {
    super(parts)
    this.sheet = document.getElementById("dark")
    for (const way of ["pointerup", "keydown"])
      this.sheet?.addEventListener(way, event => {
        event.preventDefault()
        event.stopPropagation()
        this.toggle()
      })
  }

  get on() {
    return Boolean(this.sheet?.open)
  }

  toggle() {
    if (!this.sheet) return
    this.on ? this.sheet.close() : this.sheet.showModal()
    this.surface.announce(this.on ? "The screen is dark." : "The screen is bright again.")
  }
}
