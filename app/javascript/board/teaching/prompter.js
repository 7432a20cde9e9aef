// The cues of the page in view, and what they ask of this board. Next runs the first that was not run, then turns the
// page; quick presses are done one after the other. Which were run is the sitting's: every board is told.
import { newId } from "shared/ids"
import { send } from "shared/net"
import { say } from "shared/say"
import { listen } from "shared/opening"
import { Part } from "surface/part"

const SPEED = 150 // words a minute

export default class Prompter extends Part {
  static needs = ["fetched", "room", "state", "surface", "turning"]

  constructor(parts) {
    super(parts)
    this.doing = Promise.resolve()
  }

  get cues() {
    return `/sittings/${this.surface.sitting}/cues`
  }

  next() {
    return this.row(() => (this.state.prompt?.next ? this.ask("POST", { id: newId() }) : this.turning.next()))
  }

  back() {
    return this.row(() => (this.state.canGoBack ? this.ask("DELETE") : this.turning.previous()))
  }

  // Out of order.
  run(cue) {
    return this.row(() => this.ask("POST", { id: newId(), cue }))
  }

  row(action) {
    return (this.doing = this.doing.then(action).catch(error => say(error.message)))
  }

  async ask(verb, body) {
    const { prompt, note } = await send(verb, this.cues, body)
    this.told(prompt)
    if (note) say(note)
  }

  told(prompt, cue) {
    if (prompt?.page === this.surface.page) {
      this.state.prompt = prompt
      if (prompt.next) this.surface.announce(`Next: ${prompt.next.words}`)
    }
    if (cue) this.effect(cue)
  }

  effect({ play, read, light }) {
    const { surface, room, fetched } = this,
      element = id => surface.view.find(id)
    if (play) room.player?.close()
    if (play?.item && element(play.item)) room.play(element(play.item))
    if (read?.item) listen("speak", surface.page, read.item, read.language, SPEED, surface.sitting)
    if (light) fetched.run("board/glass/spotlight", "shine", light)
  }
}
