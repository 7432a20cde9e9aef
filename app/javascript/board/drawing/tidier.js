// Tidy as a switch on the pen: strokes that were drawn one soon after the other are tried together
// once the hand rests. What they are is decided by the core; letters stay as they are.
import { Part } from "surface/part"

const RESTS = 650 // ms

export default class Tidier extends Part {
  static needs = ["contacts", "surface"]

  constructor(parts) {
    super(parts)
    this.drawn = []
  }

  drew(id) {
    this.drawn.push(id)
    this.page = this.surface.page
    this.wait()
  }

  // Not while a hand is still drawing.
  wait() {
    clearTimeout(this.timer)
    this.timer = setTimeout(() => (this.contacts.writing ? this.wait() : this.run()), RESTS)
  }

  run() {
    const ids = this.drawn.splice(0)
    if (ids.length) this.surface.do({ verb: "tidy", ids: ids.slice(-100), quiet: true }, undefined, this.page)
  }
}
