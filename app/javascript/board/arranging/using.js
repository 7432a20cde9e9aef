// Use by keys alone: Tab goes from thing to thing, the arrows move it, Enter taps it or takes a copy
// from a pile. Shown by a ring; no handles, no delete.
import { Carry } from "surface/carry"
import { boxOf } from "surface/view"
import { staying } from "surface/geometry"
import { newId } from "shared/ids"
import { press, deal } from "board/arranging/pressing"
import { make } from "surface/svg"
import { Part } from "surface/part"

export class Using extends Part {
  static needs = ["choice", "surface"]

  constructor(parts) {
    super(parts)
    this.parts = parts
    this.surface.events.on("tool", () => this.leave())
    this.surface.camera.watch(() => this.draw())
  }

  get element() {
    return this.id && this.surface.view.find(this.id)
  }

  // Things that can be moved or pressed, back to front; one of each group.
  things() {
    const seen = new Set()
    return this.surface.view.all().filter(({ dataset }) => {
      const group = dataset.groups?.split(" ").at(-1)
      if (group && seen.has(group)) return false
      seen.add(group)
      return (
        dataset.cover !== "off" &&
        (!dataset.pinned || dataset.link || dataset.pile || dataset.cover || dataset.kind === "activity")
      )
    })
  }

  next(step) {
    const all = this.things(),
      at = all.findIndex(({ dataset }) => dataset.item === this.id)
    const to = all[at === -1 && step < 0 ? all.length - 1 : at + step]
    this.id = to?.dataset.item
    this.draw()
    if (to) this.surface.announce(to.getAttribute("aria-label"))
    return Boolean(to)
  }

  move(dx, dy) {
    if (this.coming) return (this.coming.then(() => this.move(dx, dy)), true)
    const parts =
      this.element && this.surface.view.mates(this.element).filter(({ dataset }) => !dataset.pinned && !dataset.pile)
    if (!parts?.length) return Boolean(this.element)
    const free = parts.some(({ dataset }) => dataset.edge) // covers drawn in from an edge go out again
    const by = free ? [dx, dy] : staying(parts.map(boxOf), this.surface.camera.page)([dx, dy])
    if (!by.some(Boolean)) return true
    new Carry(this.surface.view, parts).by(by)
    this.surface.do({ verb: "move", ids: parts.map(({ dataset }) => dataset.item), by })
    return true
  }

  press() {
    const { element } = this
    if (!element) return false
    const parts = this.surface.view.mates(element).filter(({ dataset }) => dataset.pile)
    if (!parts.length) return (press(this.parts, element), true)
    const ids = parts.map(() => newId())
    this.surface.do(deal(parts, ids, [boxOf(element).width + 30, 0]))
    this.coming = this.surface.settled().then(() => this.take(ids[0]))
    return true
  }

  // The copy is in the hand as soon as it has come; arrows pressed before that wait for it.
  take(id) {
    if (!this.coming) return
    this.coming = null
    if (!this.surface.view.find(id)) return
    this.id = id
    this.draw()
  }

  leave() {
    this.id = this.coming = null
    this.ring?.remove()
  }

  draw() {
    this.ring?.remove()
    if (!this.element) return
    const { x, y, width, height } = boxOf(this.element),
      { scale } = this.surface.camera.view
    const [left, top] = this.surface.camera.toScreen(x, y)
    this.ring = make("rect", {
      class: "use-ring",
      x: left - 6,
      y: top - 6,
      width: width * scale + 12,
      height: height * scale + 12,
      rx: 10
    })
    this.choice.layer.append(this.ring)
  }
}
