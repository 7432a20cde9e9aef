// A student's hand: up at the tap, on its way (data-going) until the server has it. Without a network it goes up later.
import { send, Unreachable } from "shared/net"
import { say } from "shared/say"

export class Hand {
  // again: what tries once more; announce: what tells those who do not see the screen.
  constructor(button, again, announce) {
    Object.assign(this, { button, again, announce })
    this.up = this.kept = button.getAttribute("aria-pressed") === "true" // here, and with the server
  }

  press() {
    this.show(!this.up)
    if (!this.going) this.go()
  }

  // The teacher has seen it, or another tab of this seat has raised it.
  told(up) {
    this.kept = up
    if (!this.going) this.show(up)
  }

  show(up) {
    this.up = up
    this.button.setAttribute("aria-pressed", up)
    this.button.toggleAttribute("data-going", up !== this.kept)
  }

  // One at a time, so that the last tap is what counts.
  async go() {
    this.going = true
    try {
      while (this.up !== this.kept) {
        const up = this.up
        await send(up ? "POST" : "DELETE", "/seat/hand")
        this.kept = up
      }
      this.announce(this.up ? "Your hand is up." : "Your hand is down.")
    } catch (error) {
      if (error instanceof Unreachable) return this.again.later("hand", () => this.go())
      say(error.message)
    }
    this.going = false
    this.again.done("hand")
    this.show(this.kept)
  }
}
