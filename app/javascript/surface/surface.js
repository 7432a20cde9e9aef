// A page that is shown and perhaps worked on: its view, the camera over it, ink that is still wet, what parts tell
// each other, and, where something can be done, the outbox. Wall, device and take are assemblies around one.
import { fetchModule, send } from "shared/net"
import { PageView } from "surface/view"
import { WetInk } from "surface/ink"
import { Pointer } from "surface/pointer"

const FORGOTTEN = 8000 // ms without a word after which a stroke nobody finished goes

// What parts tell each other: on("turned", page => ...), emit("turned", page).
class Events {
  constructor() {
    this.listeners = new Map()
  }

  on(name, listener) {
    this.listeners.set(name, [...(this.listeners.get(name) ?? []), listener])
  }

  emit(name, ...told) {
    for (const listener of this.listeners.get(name) ?? []) listener(...told)
  }
}

export class Surface {
  // svg: the page's drawing; wet: the element that wet ink lies in; camera(view): what shows it.
  // facts: { lesson, page, sitting, mode } of a board.
  constructor({ svg, wet, stage = null, camera, facts = {} }) {
    Object.assign(this, { stage, ...facts, events: new Events(), held: new Map(), settling: [], reading: new Set() })
    this.areas = [] // parts of the page where a hand has tools of its own: equip(contact) says whether it has
    this.view = new PageView(svg)
    this.camera = camera(this.view)
    this.ink = new WetInk(wet, () => this.camera.view)
    this.previews = svg.querySelector("[data-previews]")
    this.pointer = new Pointer(svg.querySelector("[data-dot]"))
    this.followed = new Map() // the strokes of others that are wet, each with what will forget it
  }

  // What goes with everything that is done: the take's time, and the sitting in whose layer it is done.
  during() {
    return { ...this.moment?.(), ...(this.sitting ? { sitting: this.sitting } : {}) }
  }

  // An address, asked as this board sees the lesson: as it is prepared, or in its sitting.
  here(path) {
    return this.sitting ? `${path}?sitting=${this.sitting}` : path
  }

  // The one way the page is changed from here. Answers with the operation's id.
  do(operation, during = this.during(), page = this.page) {
    this.events.emit("doing", operation)
    return this.outbox.add(page, operation, during)
  }

  // Undo, redo, reset: whatever is open is finished first.
  step(way) {
    this.events.emit("finish")
    this.outbox.step(this.page, way, this.during())
  }

  // Things were carried by a hand. Where it saw them when it took hold is told, so that of two hands at
  // one thing the last one counts; with something still on its way the screen does not know that place.
  move(carry, by) {
    this.do({ verb: "move", ids: carry.ids, by, ...(this.outbox.pending ? {} : { from: carry.places }) })
  }

  // Something provisional on screen, until the drawing of this item has arrived.
  hold(id, element) {
    this.held.set(id, element)
  }

  dry(id) {
    this.ink.remove(id)
    this.held.get(id)?.remove()
    this.held.delete(id)
  }

  // What an operation changed on a page.
  patch(patch) {
    this.reading.forEach(told => told.push(patch))
    if (patch.page !== this.page) return
    this.view.apply(patch)
    patch.put.forEach(({ id }) => this.dry(id))
    patch.gone.forEach(id => this.dry(id))
    this.events.emit("patched", patch)
  }

  // Another page, all of it.
  load(fresh) {
    this.ink.clear()
    this.held.forEach(element => element.remove())
    this.held.clear()
    this.view.load(fresh)
    this.outbox?.of(fresh.page).forEach(({ operation }) => this.wet(operation))
  }

  // Ink that is not kept yet is seen as it was written.
  wet({ verb, items = [] }) {
    if (verb !== "put") return
    for (const { kind, id, points, ...look } of items) {
      if (kind !== "ink" || look.span) continue
      this.ink.begin(id, look)
      this.ink.add(id, points)
      this.ink.finish(id)
    }
  }

  // A page as the server has it; with what is told meanwhile, because the answer may be older than that.
  async read(page) {
    const told = []
    this.reading.add(told)
    try {
      return { ...(await send("GET", this.here(`/pages/${page}`))), told }
    } finally {
      this.reading.delete(told)
    }
  }

  // The page in view once more.
  async afresh() {
    const fresh = await this.read(this.page)
    if (fresh.page !== this.page) return fresh.mark
    this.view.load(fresh)
    this.events.emit("fresh", fresh)
    return fresh.mark
  }

  // Where somebody points: the teacher, or a student by name.
  point(pointer) {
    if (pointer.seat) return this.named(pointer)
    pointer.at ? this.pointer.to(...pointer.at) : this.pointer.away()
  }

  // The part that shows them is fetched when a student first points.
  async named(pointer) {
    const { Pointers } = await fetchModule("surface/pointers")
    this.pointers ??= new Pointers(this.pointer.dot)
    this.pointers.show(pointer)
  }

  // A stroke that somebody else is drawing, as far as it is told. One's own comes back, too.
  follow({ page, id, points, start: _, ...look }) {
    const { ink, view } = this
    if (page !== this.page || view.find(id) || (ink.has(id) && !this.followed.has(id))) return
    if (!ink.has(id)) ink.begin(id, look)
    clearTimeout(this.followed.get(id))
    this.followed.set(
      id,
      setTimeout(() => this.followed.delete(id) && ink.remove(id), FORGOTTEN)
    )
    ink.add(id, points)
  }

  // Resolves once everything that was done is kept.
  settled() {
    this.events.emit("finish")
    return this.outbox.pending ? new Promise(resolve => this.settling.push(resolve)) : Promise.resolve()
  }

  // All is kept.
  settle() {
    this.settling.splice(0).forEach(resolve => resolve())
  }

  announce(words) {
    document.getElementById("spoken").textContent = words
  }
}
