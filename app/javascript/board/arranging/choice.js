// What is chosen in Arrange. The frame around it (arranging/frame), what pulls its handles (arranging/pulling) and
// the ways to choose several (arranging/surrounding) are parts of it; where things end up the core computes.
import { Part } from "surface/part"
import { say } from "shared/say"
import { boxOf } from "surface/view"
import { boundsOf, cornersOf } from "surface/geometry"
import { Frame } from "board/arranging/frame"
import { Pulling } from "board/arranging/pulling"
import { Surrounding } from "board/arranging/surrounding"

export class Choice extends Part {
  static needs = ["surface", "state", "toolbox"]

  constructor(parts, layer, bar) {
    super(parts)
    Object.assign(this, { layer, chosen: new Set() })
    this.frame = new Frame(parts, layer, bar)
    this.pulling = new Pulling(parts)
    this.surrounding = new Surrounding(parts)
    const { events, camera } = this.surface
    camera.watch(() => this.draw())
    events.on("patched", () => this.size && this.refresh())
    events.on("fresh", () => this.refresh())
    events.on("turning", () => this.clear())
    events.on("tool", name => name !== "arrange" && this.clear())
  }

  get size() {
    return this.chosen.size
  }
  has(id) {
    return this.chosen.has(id)
  }
  ids() {
    return [...this.chosen]
  }
  elements() {
    return this.ids()
      .map(id => this.surface.view.find(id))
      .filter(Boolean)
  }
  data() {
    return this.elements().map(({ dataset }) => dataset)
  }

  // What belongs to a group is chosen with its group; `alone` goes inside it.
  only(...ids) {
    this.set(ids.flatMap(id => this.mates(id)))
  }
  alone(id) {
    this.set([id])
  }
  clear() {
    if (this.size) this.set([])
  }
  all() {
    const all = this.surface.view.all()
    if (!all.length) return say("There is nothing on this page yet.")
    this.set(all.map(({ dataset }) => dataset.item))
  }

  toggle(id) {
    const mates = this.mates(id)
    this.set(this.has(id) ? this.ids().filter(one => !mates.includes(one)) : [...this.ids(), ...mates])
  }

  set(ids) {
    this.chosen = new Set(ids)
    this.state.hideLooks()
    this.draw()
    this.surface.events.emit("chosen")
  }

  mates(id) {
    const { view } = this.surface,
      element = view.find(id)
    return element ? view.mates(element).map(({ dataset }) => dataset.item) : [id]
  }

  // After patches: what is gone is no longer chosen.
  refresh() {
    this.moved = null
    for (const id of this.ids()) if (!this.surface.view.find(id)) this.chosen.delete(id)
    this.draw()
    this.surface.events.emit("rechosen")
  }

  // One thing's own rotated box, or the bounding box of several; null for nothing.
  box() {
    const boxes = this.elements().map(boxOf)
    if (!boxes.length) return null
    return boxes.length === 1 ? boxes[0] : { ...this.bounds(), angle: 0 }
  }

  // The bounding box of all of it.
  bounds() {
    return boundsOf(this.elements().map(boxOf).flatMap(cornersOf))
  }

  draw() {
    this.frame.draw(this.box(), { moved: this.moved, pulling: this.pulling.active })
  }

  // While things are carried the frame goes with them.
  follow(by) {
    this.moved = by
    this.draw()
  }

  // Nothing is carried, pulled or surrounded any more.
  drop() {
    this.pulling.drop()
    this.surrounding.drop()
    this.moved = null
    this.draw()
  }

  grip(contact) {
    this.pulling.grip(contact)
    this.draw()
  }

  pull(contact) {
    this.pulling.pull(contact)
  }
  release() {
    if (!this.pulling.release()) this.draw()
  }

  surround(contact) {
    this.surrounding.draw(contact)
  }

  // Everything inside what was drawn; with Shift besides what was chosen before.
  surrounded({ shift }) {
    const found = this.surrounding.found()
    if (found) this.only(...(shift ? this.ids() : []), ...found)
  }

  // Something done to each: set(dataset) gives the attributes, or the same for all.
  change(set) {
    const changes = this.data().map(dataset => ({
      id: dataset.item,
      set: typeof set === "function" ? set(dataset) : set
    }))
    if (changes.length) this.surface.do({ verb: "change", changes })
  }

  do(operation) {
    this.surface.do({ ...operation, ids: this.ids() })
  }

  remove() {
    for (const element of this.elements()) element.setAttribute("visibility", "hidden")
    this.do({ verb: "remove" })
    this.clear()
  }

  // Does something once all is kept, unless the teacher went on meanwhile: to another page, tool or choice.
  async onceKept(does) {
    const still = this.staying()
    await this.surface.settled()
    if (still()) does()
  }

  whenKept(...ids) {
    return this.onceKept(() => this.only(...ids))
  }

  // Whether, from now on, page, tool and choice are still the same.
  staying() {
    const {
      chosen,
      surface: { page },
      state: { tool }
    } = this
    return () => page === this.surface.page && tool === this.state.tool && chosen === this.chosen
  }
}
