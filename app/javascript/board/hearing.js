// What is told on the lesson's feed: what others did, pages turned by the sitting, pages that came and went, the room.
import { Part } from "surface/part"
import { Feed } from "surface/feed"

export class Hearing extends Part {
  static needs = ["doors", "order", "playing", "state", "surface", "turning"]

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
    surface.events.on("fresh", ({ can, since }) => Object.assign(this.state, can, { since }))
  }

  heard({ patch, roll, turn, operation, order, play }) {
    if (patch) this.patch(patch)
    if (roll) this.doors.changed()
    if (turn && this.turning.hears(operation)) this.turning.to(turn, { told: true })
    if (order) this.order.elsewhere()
    if (play) this.playing.told(play)
  }

  // Of any page of the lesson: its small picture changes, and it, when it is in view.
  patch(patch) {
    if (patch.verb !== "turn") this.order.changed(patch.page, patch.seq)
    if (patch.style) this.turning.replan(patch.page, patch.style)
    if (patch.page === this.surface.page) this.surface.patch(patch)
  }
}
