// The next tap on the page says which thing is meant; a tap beside it, or Esc, calls it off.
import { Part } from "surface/part"
import { say } from "shared/say"

export class Asking extends Part {
  static needs = ["surface", "toolbox"]

  get open() {
    return Boolean(this.found)
  }

  ask(words, found) {
    say(words, { action: "Never mind", run: () => this.end() })
    this.found = found
    this.surface.stage.style.cursor = "crosshair"
  }

  pick(item) {
    const { found } = this
    this.end()
    item ? found(item) : say("Nothing was tapped, so nothing was changed.")
  }

  end() {
    if (!this.found) return
    this.found = null
    this.surface.stage.style.cursor = this.toolbox.current.cursor
  }
}
