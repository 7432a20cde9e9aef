// The board, in Prepare and in Teach. Puts the parts together; each part is a file in board/.
import htmx from "htmx"
import Alpine from "alpine"
import { startHtmx } from "shared/page"
import { say } from "shared/say"
import { send } from "shared/net"
import { newId } from "shared/ids"
import { Feed } from "shared/feed"
import { PageView } from "shared/page_view"
import { WetInk } from "shared/ink"
import { Camera, PAGE } from "board/camera"
import { Outbox } from "board/outbox"
import { Contacts } from "board/contacts"
import { Choice } from "board/choice"
import { Editor } from "board/editor"
import { WetLine } from "board/wet_line"
import { RunningOrder } from "board/running_order"
import { Recorder } from "board/recorder"
import { Clock } from "board/clock"
import { Doors } from "board/doors"
import { bringIn } from "board/bring_in"
import { Tidier } from "board/tidier"
import { Look } from "board/look"
import { Preferences } from "board/preferences"
import { Symbols } from "board/symbols"
import { TileMaker, FormulaMaker } from "board/making"
import { PageSheet } from "board/page_sheet"
import { newPage } from "board/new_page"
import { Keyboard } from "board/keyboard"
import { startDialogs } from "board/dialogs"
import { listen } from "board/keys"
import { tools } from "board/tools"
import { boardStore } from "board/store"
import { puck } from "board/puck"
import "players/registry"

class Board {
  constructor(element, store) {
    const { lesson, page, mode, pages, view, mark, can, preferences, inks, markers, breadths, insets } = JSON.parse(element.dataset.board)
    Object.assign(this, { element, store, lesson, page, mode, pages, tools, insets, heading: page })
    Object.assign(store, { preferences, inks, markers, breadths })
    this.preferences = new Preferences(store)
    this.stage = document.getElementById("stage")
    const svg = document.getElementById("page-view")
    this.view = new PageView(svg)
    this.camera = new Camera(this.stage, svg)
    this.wet = new WetInk(document.getElementById("wet"), () => this.camera.view)
    this.previews = svg.querySelector("[data-previews]")
    this.dot = svg.querySelector("[data-dot]")
    this.held = new Map()
    this.choice = new Choice(this, document.getElementById("choice"), document.getElementById("label-bar"))
    this.keyboard = new Keyboard({ settings: () => store.preferences.keyboard, keep: keyboard => this.preferences.set({ keyboard }), editor: () => this.editor.open ? this.editor : null })
    this.editor = new Editor(this)
    this.look = new Look(this)
    this.tidier = new Tidier(this)
    this.symbols = new Symbols(this)
    this.tiles = new TileMaker(this)
    this.formulas = new FormulaMaker(this)
    this.pageSheet = new PageSheet(this)
    this.recorder = new Recorder(this)
    this.order = new RunningOrder(this, document.getElementById("running-order"))
    this.doors = new Doors(this)
    this.outbox = new Outbox(lesson, { kept: (...answer) => this.kept(...answer), refused: (...no) => this.refused(...no), state: (...state) => this.keeping(...state),
      signedOut: () => say("You are signed out. Sign in again in another tab; what you did waits here.") })
    this.live = new Feed({ identifier: { channel: "BoardChannel", lesson }, mark, missed: `/lessons/${lesson}/feed`, heard: message => this.heard(message), afresh: () => this.afresh() })
    this.wetLine = new WetLine((...sent) => this.live.perform(...sent), () => this.store.doors)
    svg.addEventListener("click", event => { if (event.target.closest("a")) event.preventDefault() }) // links open in Use, by its own tap
    this.camera.watch(() => this.looked())
    this.camera.restore(mode === "prepare" ? view : null)
    this.contacts = new Contacts(this)
    this.count()
    this.pageSheet.fill(store.paper, store.measures)
    Object.assign(store, { undo: can.undo, redo: can.redo })
    if (mode === "teach") this.clock = new Clock(this)
    this.choose(mode === "teach" ? "use" : "arrange")
    bringIn(this)
    newPage(this)
    listen(this)
    startDialogs(this)
    this.order.mark(page)
    document.addEventListener("htmx:afterSwap", () => this.doors.read())
    this.doors.read()
  }

  get tool() { return tools[this.store.tool] }
  get pen() { return this.store.pen }
  get number() { return this.pages.findIndex(({ id }) => id === this.page) + 1 }

  // How the pen and the highlighter write now, and how they would with another colour and width.
  penLook() { return this.lookOf("pen", this.pen) }
  markerLook() { return this.lookOf("highlighter", this.store.marker) }
  lookOf(tool, { colour, breadth }) {
    return tool === "highlighter" ? { colour, breadth, nib: "even", opacity: 0.42 } : { colour, breadth, nib: this.store.preferences.lively ? "lively" : "even", opacity: 1 }
  }

  offers(name) { return Boolean(document.querySelector(`[data-tool="${name}"]`)) }

  choose(name) {
    this.editor.close()
    if (name !== "arrange") this.choice.clear()
    if (name !== this.store.tool) this.tool?.leave?.(this)
    this.store.tool = name
    this.stage.style.cursor = tools[name].cursor
  }

  // The one way the page is changed from here.
  do(operation, during = this.during(), page = this.page) { this.outbox.add(page, operation, during) }

  during() { return this.recorder.during() }

  undo() { this.editor.close(); this.outbox.step(this.page, "undo", this.during()) }
  redo() { this.editor.close(); this.outbox.step(this.page, "redo", this.during()) }

  remove() {
    for (const element of this.choice.elements()) element.setAttribute("visibility", "hidden")
    this.do({ verb: "remove", ids: this.choice.ids() })
    this.choice.clear()
  }

  stack(to) { this.do({ verb: "reorder", ids: this.choice.ids(), to }) }

  resize(factor) {
    const changes = this.choice.elements().map(element => {
      const size = element.dataset.size ?? JSON.parse(element.dataset.written).size
      return { id: element.dataset.item, set: { size: Math.min(400, Math.max(8, Math.round(size * factor))) } }
    })
    this.do({ verb: "change", changes })
  }

  edit(element) { element.dataset.formula ? this.formulas.open(element) : this.editor.reopen(element) }

  tidy() {
    this.do({ verb: "tidy", ids: this.choice.ids() })
    this.choice.clear()
  }

  // Lifts off what was rubbed out of pictures.
  whole() { this.do({ verb: "change", changes: this.choice.ids().map(id => ({ id, set: { rubbed: [] } })) }) }

  // A ruler or a set square comes onto the page.
  lay(kind, values) {
    const { clientWidth, clientHeight } = this.stage
    const { left, top } = this.stage.getBoundingClientRect()
    const [x, y] = this.camera.toPage(left + clientWidth / 2, top + clientHeight / 2)
    const id = newId(), [width, height] = kind === "ruler" ? [860, 96] : [480, 480]
    this.do({ verb: "put", items: [{ kind, id, x: Math.round(x - width / 2), y: Math.round(y - height / 2), width, ...values }] })
    this.choose("arrange")
    this.settled().then(() => this.choice.only(id))
  }

  restyle(set) { this.do({ verb: "restyle", set }) }

  // Something provisional on screen, until the drawing of this item has arrived.
  hold(id, element) { this.held.set(id, element) }

  kept({ patches, can }, page) {
    patches.forEach(patch => this.patch(patch))
    if (can && page === this.page && !this.outbox.pending) Object.assign(this.store, { undo: can.undo, redo: can.redo })
  }

  async refused(entry, sentence) {
    say(sentence)
    const ids = entry.operation?.items?.map(({ id }) => id) ?? []
    ids.forEach(id => this.dry(id))
    if (entry.page === this.page) await this.afresh()
  }

  keeping(state, count) {
    this.store.kept = state
    this.store.waiting = count
    if (state === "kept") this.settling?.splice(0).forEach(resolve => resolve())
  }

  // Resolves once everything that was done is kept.
  settled() {
    this.editor.close()
    if (!this.outbox.pending) return Promise.resolve()
    return new Promise(resolve => (this.settling ??= []).push(resolve))
  }

  heard(message) {
    if (message.patch) this.patch(message.patch)
    if (message.roll) this.doors.changed()
  }

  patch(patch) {
    if (patch.verb !== "turn") this.order.changed(patch.page, patch.seq)
    const planned = patch.style && this.pages.find(({ id }) => id === patch.page)
    if (planned) this.replan(planned, patch.style)
    if (patch.page !== this.page) return
    this.view.apply(patch)
    patch.put.forEach(({ id }) => this.dry(id))
    patch.gone.forEach(id => this.dry(id))
    if (this.choice.size) this.choice.refresh()
  }

  replan(planned, style) {
    const longer = planned.minutes !== style.minutes
    Object.assign(planned, { minutes: style.minutes, paper: style.paper, measures: style.measures, colour: style.colour })
    this.count()
    if (planned.id === this.page) this.pageSheet.fill(style.paper, style.measures)
    if (longer) this.order.reload()
  }

  dry(id) {
    this.wet.remove(id)
    this.held.get(id)?.remove()
    this.held.delete(id)
  }

  async afresh() {
    const page = await send("GET", `/pages/${this.page}`)
    if (page.page !== this.page) return page.mark
    this.view.load(page)
    this.choice.refresh()
    Object.assign(this.store, page.can)
    return page.mark
  }

  async turnTo(page) {
    if (page === this.heading) return
    this.heading = page
    this.contacts.cancelAll()
    this.editor.close()
    this.choice.only()
    let fresh
    try {
      fresh = await send("GET", `/pages/${page}`)
    } catch (error) {
      if (this.heading === page) this.heading = this.page
      return say(error.message)
    }
    if (this.heading !== page) return // turned on meanwhile
    this.page = page
    this.wet.clear()
    this.held.forEach(element => element.remove())
    this.held.clear()
    this.view.load(fresh)
    Object.assign(this.store, fresh.can)
    this.camera.fit()
    this.count()
    this.order.mark(page)
    this.pageSheet.fill(this.store.paper, this.store.measures)
    this.clock?.turned(page)
    history.replaceState(null, "", `${location.pathname}?page=${page}`)
    if (this.store.doors || this.recorder.state === "on") this.do({ verb: "turn" })
    this.leave()
    this.announce(`Page ${this.number} of ${this.pages.length}`)
  }

  // From where the last turn is heading, so that quick presses are all counted.
  next() { return this.turnBy(1, "That was the last page.") }
  previous() { return this.turnBy(-1, "This is the first page.") }

  turnBy(step, words) {
    const page = this.pages[this.pages.findIndex(({ id }) => id === this.heading) + step]
    return page ? this.turnTo(page.id) : say(words)
  }

  count() {
    const planned = this.pages.find(({ id }) => id === this.page) ?? {}
    Object.assign(this.store, { page: this.page, number: this.number, pages: this.pages.length, minutes: planned.minutes, paper: planned.paper, measures: planned.measures, pageColour: planned.colour,
      nextWords: this.number < this.pages.length ? `Page ${this.number + 1} of ${this.pages.length}` : "Last page" })
  }

  looked() {
    const right = this.camera.toScreen(PAGE.width, 0)[0]
    Object.assign(this.store, { fitted: this.camera.fitted, wings: this.stage.clientWidth - right > 138, zoom: `${Math.round(this.camera.view.scale * 100)} %` })
    this.wet.redraw()
    this.leave()
  }

  // Tells the lesson where it was left, when things have come to rest.
  leave() {
    if (this.mode !== "prepare") return
    clearTimeout(this.leaving)
    this.leaving = setTimeout(() => send("PATCH", `/lessons/${this.lesson}/place`, { page: this.page, view: this.camera.place() }).catch(() => {}), 1200)
  }

  back() {
    if (this.editor.open) return this.editor.close()
    if (this.choice.size) return this.choice.clear()
    this.choose(this.mode === "teach" ? "use" : "arrange")
  }

  async play(item) {
    const activity = this.view.find(item)?.dataset.activity
    await htmx.ajax("POST", `/activities/${activity}/attempts`, { target: "#player-body", swap: "innerHTML" })
    document.getElementById("player").showModal()
  }

  announce(words) { document.getElementById("spoken").textContent = words }
}

startHtmx(htmx)
Alpine.store("board", boardStore())
Alpine.data("puck", puck)
const board = new Board(document.getElementById("board"), Alpine.store("board"))
Alpine.store("board").attach(board)
Alpine.start()
