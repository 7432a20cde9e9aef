// The next tap on the page says which thing is meant. Meanwhile bars, trays and sheets step aside, what can be tapped
// stands out (board/asking.css), and the sentence stays; a tap beside it, Esc or another tool calls it off.
import { Part } from "surface/part"
import { say } from "shared/say"

const WAITS = 120 // seconds

export class Asking extends Part {
  static needs = ["surface", "toolbox"]

  get open() {
    return Boolean(this.found)
  }

  ask(words, found) {
    this.end()
    this.line = say(words, { action: "Never mind", run: () => this.end(), seconds: WAITS })
    this.found = found
    this.surface.stage.style.cursor = "crosshair"
    document.body.dataset.asking = ""
  }

  pick(item) {
    const { found } = this
    this.end()
    item ? found(item) : say("Nothing was tapped, so nothing was changed.")
  }

  end() {
    if (!this.found) return
    this.found = null
    this.line?.remove()
    delete document.body.dataset.asking
    this.surface.stage.style.cursor = this.toolbox.current.cursor
  }
}
