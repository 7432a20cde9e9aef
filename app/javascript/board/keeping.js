// What becomes of what was done here: the outbox tells it when Usher has kept it, or why it did not.
import { Part } from "surface/part"
import { say } from "shared/say"

const FULL = [
  "This browser keeps nothing more for Usher.",
  "What you do is kept once Usher has answered; wait for “every change kept” before you leave."
].join(" ")

export class Keeping extends Part {
  static needs = ["clipboard", "fetched", "hearing", "state", "surface"]

  kept({ patches, can, said }, page) {
    const { state, surface } = this
    for (const patch of patches) {
      this.hearing.patch(patch)
      if (patch.said) say(patch.said, { seconds: 8 })
      if (surface.mode === "teach" && patch.verb !== "turn" && patch.page === surface.page)
        state.since = patch.verb === "reset" ? 0 : state.since + 1
      this.clipboard.arrived(patch)
    }
    if (said) say(said)
    if (can && page === surface.page && !surface.outbox.pending)
      Object.assign(state, { undo: can.undo, redo: can.redo })
  }

  async refused(entry, { error, clash }) {
    if (clash) await this.clash("text", entry)
    else if (!(entry.operation?.changes && (await this.clash("textGone", entry)))) say(error)
    const { items = [], ids = [] } = entry.operation ?? {}
    for (const id of [...items.map(item => item.id), ...ids]) this.surface.dry(id)
    if (entry.page === this.surface.page) await this.surface.afresh()
  }

  // Where somebody else was quicker.
  clash(what, ...rest) {
    return this.fetched.run("board/arranging/clashes", what, ...rest)
  }

  // kept, keeping or waiting, and how many wait.
  changed(kept, waiting) {
    Object.assign(this.state, { kept, waiting })
    if (kept === "kept") this.surface.settle()
  }

  lost(page, entries) {
    this.clash("pageGone", page, entries)
  }

  signedOut() {
    say("You are signed out. Sign in again in another tab; what you did waits here.")
  }

  full() {
    say(FULL, { seconds: 15 })
  }
}
