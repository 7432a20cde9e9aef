// Which page is in view, and turning to another. The sitting has one page it shows: every board in Teach is on it.
import { Part } from "surface/part"
import { send, Unreachable } from "shared/net"
import { say } from "shared/say"

const RESTS = 1200 // ms until the lesson is told where it was left
const SEEN = 12 // pages that can be turned to without a network, those seen last
const AHEAD = 900 // ms after a turn until the next page is fetched, for when the network goes

export class Turning extends Part {
  static needs = ["surface", "state", "contacts", "choice"]

  constructor(parts, pages) {
    super(parts)
    Object.assign(this, { pages, heading: this.surface.page, seen: new Map(), own: [] })
    this.surface.camera.watch(() => this.leave())
    this.count()
    this.ahead()
  }

  get planned() {
    return this.pages.find(({ id }) => id === this.surface.page) ?? {}
  }
  get number() {
    return this.pages.findIndex(({ id }) => id === this.surface.page) + 1
  }

  // told: the sitting turned there; else it turns with this board in Teach.
  async to(page, { told = false } = {}) {
    const { surface } = this
    if (page === this.heading) return
    Object.assign(this, { heading: page, byHand: !told })
    surface.events.emit("turning")
    surface.events.emit("finish")
    let fresh
    try {
      fresh = await this.fetch(page)
    } catch (error) {
      fresh = error instanceof Unreachable && this.seen.get(page)
      if (!fresh) {
        if (this.heading === page) this.heading = surface.page
        return say(error.message)
      }
      say("Usher cannot be reached. This is the page as it was here last.")
    }
    if (this.heading !== page) return // it was turned on meanwhile
    this.remember(surface.page, { ...this.left(), page: surface.page })
    this.turned(fresh, told)
  }

  // The page in view as it is here.
  left() {
    const { view } = this.surface,
      { undo, redo, since } = this.state
    const items = view.all().map(element => element.outerHTML)
    return { style: this.planned, ground: view.ground.innerHTML, items: items.join(""), can: { undo, redo }, since }
  }

  remember(page, seen) {
    this.seen.delete(page)
    this.seen.set(page, seen)
    if (this.seen.size > SEEN) this.seen.delete(this.seen.keys().next().value)
  }

  async fetch(page) {
    const fresh = await this.surface.read(page)
    this.remember(page, fresh)
    return fresh
  }

  // In Teach the page that comes next is there before it is wanted.
  ahead() {
    clearTimeout(this.waiting)
    const next = this.surface.mode === "teach" && this.pages[this.number]?.id
    if (next) this.waiting = setTimeout(() => this.fetch(next).catch(() => {}), AHEAD)
  }

  turned(fresh, told) {
    const { surface } = this,
      { page } = fresh
    surface.page = page
    surface.load(fresh)
    Object.assign(this.state, fresh.can, { since: fresh.since, prompt: fresh.prompt ?? null })
    surface.camera.turn(fresh.style)
    this.count()
    surface.events.emit("turned", page)
    history.replaceState(null, "", `${location.pathname}?page=${page}`)
    if (!told && (surface.sitting || surface.during().take)) this.own.push(surface.do({ verb: "turn" }))
    this.leave()
    surface.announce(`Page ${this.number} of ${this.pages.length}`)
    this.ahead()
  }

  // Whether a turn that is told counts here. Of this board's own, which may be told long after they were made, only the
  // latest does; somebody else's does not while one of this board's is still on its way, because that comes after it.
  // None counts while the page a hand here asked for is being fetched.
  hears(operation) {
    if (this.byHand && this.heading !== this.surface.page) return false
    if (this.own.includes(operation)) return operation === this.own.at(-1)
    return !this.surface.outbox.entries.some(({ operation: one }) => one?.verb === "turn")
  }

  // A link to a page of this lesson.
  visit(page) {
    return this.pages.some(({ id }) => id === page) ? this.to(page) : say("That page is not in this lesson any more.")
  }

  // From where the last turn is heading, so that quick presses are all counted.
  next() {
    return this.by(1, "That was the last page.")
  }
  previous() {
    return this.by(-1, "This is the first page.")
  }

  by(step, words) {
    const page = this.pages[this.pages.findIndex(({ id }) => id === this.heading) + step]
    return page ? this.to(page.id) : say(words)
  }

  restyle(set) {
    this.surface.do({ verb: "restyle", set })
  }

  // The pages as they are now; some may have come or gone.
  know(pages) {
    this.pages = pages
    this.count()
  }

  // A page has another style.
  replan(page, style) {
    const planned = this.pages.find(({ id }) => id === page)
    if (!planned) return
    const longer = planned.minutes !== style.minutes || planned.cues !== style.cues.length
    Object.assign(planned, {
      minutes: style.minutes,
      cues: style.cues.length,
      paper: style.paper,
      measures: style.measures,
      colour: style.colour
    })
    this.count()
    this.surface.events.emit("replanned", page, longer)
  }

  count() {
    const { minutes, paper, measures, colour } = this.planned,
      { length } = this.pages,
      { number } = this
    const turnWords = number < length ? `Page ${number + 1} of ${length}` : "Last page"
    Object.assign(this.state, {
      page: this.surface.page,
      number,
      pages: length,
      minutes,
      paper,
      measures,
      pageColour: colour,
      turnWords
    })
  }

  // Tells the lesson where it was left, when things have come to rest.
  leave() {
    const { surface } = this
    if (surface.mode !== "prepare") return
    clearTimeout(this.leaving)
    this.leaving = setTimeout(() => {
      const place = { page: surface.page, view: surface.camera.place() },
        words = JSON.stringify(place)
      if (words === this.rested) return
      this.rested = words
      send("PATCH", `/lessons/${surface.lesson}/place`, place).catch(() => (this.rested = null))
    }, RESTS)
  }
}
