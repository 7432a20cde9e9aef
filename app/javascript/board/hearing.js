// What is told on the lesson's feed: what others did, pages turned by the sitting, pages that came and went, the room.
import { Part } from "surface/part"
import { Feed } from "surface/feed"

const LANES = "board/teaching/lanes"

export class Hearing extends Part {
  static needs = ["doors", "fetched", "order", "playing", "state", "surface", "turning"]

  constructor(parts, mark) {
    super(parts)
    const { surface } = this,
      { lesson, sitting } = surface
    surface.live = new Feed({
      identifier: { channel: "BoardChannel", lesson, ...(sitting ? { sitting } : {}) },
      mark,
      missed: surface.here(`/lessons/${lesson}/feed`),
      heard: message => this.heard(message),
      afresh: () => surface.afresh()
    })
    document.addEventListener("htmx:afterSwap", ({ target }) => {
      if (target.id === "class-tools") this.lanes(target.querySelector("[data-lanes]"))
    })
    this.lanes(document.querySelector("[data-lanes]"))
    surface.events.on("fresh", ({ can, since, prompt = null }) => Object.assign(this.state, can, { since, prompt }))
  }

  heard({ patch, wet, pointer, fresh, roll, turn, operation, order, play, over, prompt, cue, tools, eyes }) {
    if (patch) this.patch(patch)
    if (wet) this.surface.follow(wet)
    if (pointer?.seat) this.surface.point(pointer)
    if (fresh) this.surface.afresh()
    if (roll) this.doors.changed()
    if (turn && this.turning.hears(operation)) this.turning.to(turn, { told: true })
    if (order) this.order.elsewhere()
    if (play) this.playing.told(play)
    if (prompt || cue) this.fetched.run("board/teaching/prompter", "told", prompt, cue)
    if (tools) window.htmx.trigger("#class-tools", "tools")
    if (eyes !== undefined) this.state.eyes = eyes
    if (over && this.surface.mode === "teach") location.assign(`/lessons/${this.surface.lesson}`) // the class has gone
  }

  // Those that stand on a page of this sitting.
  lanes(element) {
    if (element || this.fetched.known(LANES)) this.fetched.run(LANES, "look", element)
  }

  // Of any page of the lesson: its small picture changes, and it, when it is in view.
  patch(patch) {
    if (patch.verb !== "turn") this.order.changed(patch.page, patch.seq)
    if (patch.style) this.turning.replan(patch.page, patch.style)
    this.surface.patch(patch)
  }
}
