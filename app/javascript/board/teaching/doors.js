// The doors while they are open: who is in, and what the class answers, kept fresh as it happens.
import { Part } from "surface/part"

const SLOWLY = 400 // ms between two looks

export class Doors extends Part {
  static needs = ["state", "surface"]

  constructor(parts) {
    super(parts)
    document.addEventListener("htmx:afterSwap", () => this.read())
    this.read()
  }

  // Opened again, the sheet is as it was left, and its parts are looked at anew.
  show() {
    const sheet = document.getElementById("doors")
    if (sheet.querySelector(".doors")) this.look()
    else
      window.htmx.ajax("GET", `/lessons/${this.surface.lesson}/sitting?page=${this.surface.page}`, {
        target: "#doors-body",
        swap: "innerHTML"
      })
    sheet.showModal()
  }

  // Something changed in the room; many changes at once are one look.
  changed() {
    this.timer ??= setTimeout(() => {
      this.timer = null
      this.look()
    }, SLOWLY)
  }

  look() {
    document.querySelectorAll("[data-room]").forEach(part => window.htmx.trigger(part, "room"))
  }

  // Read from the roll after each swap.
  read() {
    const roll = document.querySelector("[data-roll]")
    Object.assign(this.state, {
      doors: Boolean(roll),
      here: Number(roll?.dataset.here ?? 0),
      code: roll?.dataset.code ?? ""
    })
  }
}
