// What is to be seen of a take: the page as it is at this moment. Everything shown was drawn by Ruby; ink is drawn
// along its points until its drawing takes over.
import { Surface } from "surface/surface"
import { WholePage } from "surface/whole_page"
import { draw } from "surface/svg"
import { outline } from "surface/outline"
import { clockWords } from "shared/plaques"

const RESTS = 4000 // ms for which a pointer that does not move is shown

export class Screen {
  constructor() {
    const wet = document.getElementById("take-wet")
    this.surface = new Surface({
      svg: document.getElementById("take-view"),
      wet,
      camera: view => new WholePage(view, wet)
    })
    const { view, ink, pointer } = this.surface
    Object.assign(this, { view, ink, pointer })
    this.dim = this.view.svg.querySelector("[data-dim]")
    this.notes = document.getElementById("take-notes")
    this.tools = document.getElementById("take-tools")
  }

  // A chunk's beginning, all of it.
  load({ page, size, ground, items, wet, shown }, ms) {
    this.turn({ page, size, ground, stack: items })
    wet.forEach(stroke => this.begin(stroke, stroke.began))
    this.shown = { ...shown }
    this.tell()
    this.draw(ms)
  }

  turn({ page, size: [width, height], ground, stack }) {
    this.page = page
    this.writing = new Map()
    this.ink.clear()
    this.view.size = { width, height }
    this.view.load({ ground, items: stack.map(({ svg }) => svg).join("") })
  }

  apply(event) {
    const does = { patch: () => this.patch(event), turn: () => this.turn(event) }[event.kind]
    if (does) return does()
    Object.keys(event.data).length ? (this.shown[event.kind] = event.data) : delete this.shown[event.kind]
    this.tell()
  }

  patch({ at, page, put, gone, ground }) {
    if (page !== this.page) return
    if (ground) draw(this.view.ground, ground)
    for (const id of [...gone, ...put.map(item => item.id)]) this.lift(id)
    gone.forEach(id => this.view.remove(id))
    for (const item of put) {
      if (!item.ink) {
        this.view.put(item)
        continue
      }
      this.view.remove(item.id)
      this.begin(item, at)
    }
  }

  begin(item, began) {
    this.ink.begin(item.id, item.ink)
    this.writing.set(item.id, { item, began, sent: 0 })
  }

  lift(id) {
    this.ink.remove(id)
    this.writing.delete(id)
  }

  // Ink that is being written at this moment, as far as it is; done, it lies on the page like anything else.
  draw(ms) {
    for (const [id, stroke] of this.writing) {
      const { points } = stroke.item.ink
      let end = stroke.sent
      while (end < points.length && stroke.began + points[end][3] <= ms) end++
      if (end > stroke.sent) this.ink.add(id, points.slice(stroke.sent, end))
      stroke.sent = end
      if (end < points.length) continue
      this.view.put(stroke.item)
      this.lift(id)
    }
    this.count(ms)
  }

  // Class tools that were on the board; their clocks run as they did.
  count(ms) {
    const { tools = [], ms: since = 0 } = this.shown?.tools ?? {}
    const words = tools.map(({ title, words, seconds, runs }) => {
      if (seconds === undefined) return words
      const now = Math.max(0, seconds + (runs * (ms - since)) / 1000)
      return [title, clockWords(runs > 0 ? Math.floor(now) : Math.ceil(now))].filter(Boolean).join(": ")
    })
    if (this.counted === words.join("\n")) return
    this.counted = words.join("\n")
    this.tools.replaceChildren(...words.map(text => Object.assign(document.createElement("p"), { textContent: text })))
  }

  // The laser pointer, where it was last on this page.
  point(last, ms) {
    const seen = last && last[1] === this.page && last.length === 4 && ms - last[0] < RESTS
    seen ? this.pointer.to(last[2], last[3]) : this.pointer.away()
  }

  // What else there is to see: the spotlight dims, the rest is told in words.
  tell() {
    const { light, poll, play } = this.shown
    this.dim.setAttribute("visibility", light ? "visible" : "hidden")
    if (light)
      this.dim.setAttribute(
        "d",
        `M-9 -9H${this.view.size.width + 9}V${this.view.size.height + 9}H-9Z${outline(light.at, light.size, light.round)}`
      )
    const words = [poll && pollWords(poll), play && `Playing: ${play.title}, ${play.placed} of ${play.size}`].filter(
      Boolean
    )
    this.notes.replaceChildren(...words.map(text => Object.assign(document.createElement("p"), { textContent: text })))
  }
}

const pollWords = ({ title, choices, counts }) =>
  `${title ?? "Poll"}: ${choices.map(choice => (counts ? `${choice} ${counts[choice]}` : choice)).join(" · ")}`
