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
import { Camera } from "board/camera"
import { Outbox } from "surface/outbox"
import { Entries } from "surface/entries"
import { Clashes } from "board/clashes"
import { Contacts } from "board/contacts"
import { Choice } from "board/choice"
import { Chosen } from "board/chosen"
import { Using } from "board/using"
import { Clipboard } from "board/clipboard"
import { Links } from "board/links"
import { Overview } from "board/overview"
import { Spotlight } from "board/spotlight"
import { Magnifier } from "board/magnifier"
import { PageGrid } from "board/page_grid"
import { MediaRoom } from "board/media_room"
import { opener } from "shared/opening"
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

const SIZES = { ruler: { width: 860, height: 96 }, area: { width: 520, height: 340 }, cover: { width: 420, height: 240 } } // page units

class Board {
  constructor(element, store) {
    const { lesson, page, mode, sitting, held: lately, pages, view, mark, can, since, preferences, inks, markers, stroke_widths, insets } = JSON.parse(element.dataset.board)
    Object.assign(this, { element, store, lesson, page, mode, sitting, lately, pages, tools, insets, heading: page })
    Object.assign(store, { preferences, inks, markers, stroke_widths })
    this.preferences = new Preferences(store)
    this.stage = document.getElementById("stage")
    const svg = document.getElementById("page-view")
    this.view = new PageView(svg)
    this.camera = new Camera(this.stage, svg, pages.find(({ id }) => id === page))
    this.wet = new WetInk(document.getElementById("wet"), () => this.camera.view)
    this.previews = svg.querySelector("[data-previews]")
    this.dot = svg.querySelector("[data-dot]")
    this.held = new Map()
    this.chosen = new Chosen(this)
    this.choice = new Choice(this, document.getElementById("choice"), document.getElementById("label-bar"))
    this.keyboard = new Keyboard({ settings: () => store.preferences.keyboard, keep: keyboard => this.preferences.set({ keyboard }), editor: () => this.editor.open ? this.editor : null })
    this.editor = new Editor(this)
    this.using = new Using(this)
    this.clipboard = new Clipboard(this)
    this.links = new Links(this)
    this.open = opener({ page: number => this.visit(number), activity: number => this.playActivity(number), sitting: () => this.sitting })
    this.overview = new Overview(this)
    this.spotlight = new Spotlight(this)
    this.magnifier = new Magnifier(this)
    this.grid = new PageGrid(this)
    this.media = new MediaRoom(this)
    this.look = new Look(this)
    this.tidier = new Tidier(this)
    this.symbols = new Symbols(this)
    this.tiles = new TileMaker(this)
    this.formulas = new FormulaMaker(this)
    this.pageSheet = new PageSheet(this)
    this.recorder = new Recorder(this)
    this.order = new RunningOrder(this, document.getElementById("running-order"))
    this.doors = new Doors(this)
    this.clashes = new Clashes(this)
    const full = () => say("This browser keeps nothing more for Usher. What you do is kept once Usher has answered; wait for “every change kept” before you leave.", { seconds: 15 })
    this.outbox = new Outbox(new Entries(lesson, full), { kept: (...answer) => this.kept(...answer), refused: (...no) => this.refused(...no), state: (...state) => this.keeping(...state),
      lost: (...what) => this.clashes.pageGone(...what), signedOut: () => say("You are signed out. Sign in again in another tab; what you did waits here.") })
    this.live = new Feed({ identifier: { channel: "BoardChannel", lesson, ...(sitting ? { sitting } : {}) }, mark, missed: this.here(`/lessons/${lesson}/feed`), heard: message => this.heard(message), afresh: () => this.afresh() })
    this.wetLine = new WetLine((...sent) => this.live.perform(...sent), () => this.store.doors)
    svg.addEventListener("click", event => { if (event.target.closest("a")) event.preventDefault() }) // links open in Use, by its own tap
    this.camera.watch(() => this.looked())
    this.camera.restore(mode === "prepare" ? view : null)
    this.contacts = new Contacts(this)
    this.count()
    this.pageSheet.fill(store.paper, store.measures)
    Object.assign(store, { undo: can.undo, redo: can.redo, since })
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
  lookOf(tool, { colour, stroke_width }) {
    return tool === "highlighter" ? { colour, stroke_width, nib: "even", opacity: 0.42 } : { colour, stroke_width, nib: this.store.preferences.lively ? "lively" : "even", opacity: 1 }
  }

  offers(name) { return Boolean(document.querySelector(`[data-tool="${name}"]`)) }

  choose(name) {
    this.editor.close()
    this.picking = null
    this.using.leave()
    if (name !== "arrange") this.choice.clear()
    if (name !== this.store.tool) this.tool?.leave?.(this)
    this.store.tool = this.element.dataset.hand = name
    this.stage.style.cursor = tools[name].cursor
  }

  // The one way the page is changed from here.
  do(operation, during = this.during(), page = this.page) { this.outbox.add(page, operation, during) }

  // What goes with everything that is done: the take's time, and the sitting in whose layer it is done.
  during() { return { ...this.recorder.during(), ...(this.sitting ? { sitting: this.sitting } : {}) } }

  // An address, asked as this board sees the lesson: as it is prepared, or in its sitting.
  here(path) { return this.sitting ? `${path}?sitting=${this.sitting}` : path }

  // Things were carried by a hand. Where it saw them when it took hold is told, so that of two hands at
  // one thing the last one counts; with something still on its way the screen does not know that place.
  move(carry, by) {
    this.do({ verb: "move", ids: carry.ids, by, ...(this.outbox.pending ? {} : { from: carry.places }) })
  }

  // The next tap on the page chooses what `found` is for; nothing tapped, or Esc, calls it off.
  ask(words, found) {
    say(words, { action: "Never mind", run: () => { this.picking = null; this.stage.style.cursor = this.tool.cursor } })
    this.picking = found
    this.stage.style.cursor = "crosshair"
  }

  pick(item) {
    const found = this.picking
    this.picking = null
    this.stage.style.cursor = this.tool.cursor
    item ? found(item) : say("Nothing was tapped, so nothing was changed.")
  }

  // A link to a page of this lesson.
  visit(number) { return this.pages.some(({ id }) => id === number) ? this.turnTo(number) : say("That page is not in this lesson any more.") }

  // Chosen things belong together from now on; what was a group in itself stays one inside.
  group() {
    const ids = this.choice.ids(), name = newId()
    if (ids.length < 2) return say("Choose two or more things to group them.")
    this.regroup(ids, groups => [...groups, name].slice(-8))
  }

  ungroup() { this.regroup(this.choice.ids(), groups => groups.slice(0, -1)) }

  regroup(ids, change) {
    this.do({ verb: "change", changes: ids.map(id => ({ id, set: { groups: change((this.view.find(id).dataset.groups ?? "").split(" ").filter(Boolean)) } })) })
  }

  // A patch over what is chosen, a little larger than that.
  cover(effect) {
    const { x, y, width, height } = this.choice.bounds(), id = newId()
    this.do({ verb: "put", items: [{ kind: "cover", id, effect, x: x - 10, y: y - 10, width: width + 20, height: height + 20 }] })
    this.chooseKept(id)
  }

  coverFrom(edge) {
    const { width, height } = this.camera.page
    this.do({ verb: "put", items: [{ kind: "cover", id: newId(), edge, x: 0, y: 0, width, height, page_width: width, page_height: height }] })
    document.getElementById("page-sheet")?.close()
    say("A cover lies over the page. In Use, draw it back by its bar.")
  }

  // What the class did to this page becomes how it is prepared.
  async keepAsIs() {
    await this.settled()
    await send("PATCH", `/pages/${this.page}/preparation`, { sitting: this.lately }).then(() => { this.store.since = 0 }, error => say(error.message))
  }

  // In Teach a step like any other; in Prepare what the class did is taken off behind the scenes.
  reset() {
    this.editor.close()
    this.choice.clear()
    this.mode === "teach" ? this.outbox.step(this.page, "reset", this.during()) : this.resetLately()
  }

  async resetLately() {
    const { page, lately: sitting } = this, step = way => send("POST", `/pages/${page}/${way}`, { id: newId(), sitting })
    const failed = error => say(error.message), { since } = this.store
    await step("reset").then(() => {
      this.store.since = 0
      say("What was done in class is off this page.", { action: "Put it back", run: () => step("undo").then(() => { if (this.page === page) this.store.since = since }, failed), seconds: 10 })
    }, failed)
  }

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

  // A ruler, a drop area or the like comes onto the middle of what is in view.
  lay(kind, values) {
    const { clientWidth, clientHeight } = this.stage
    const { left, top } = this.stage.getBoundingClientRect()
    const [x, y] = this.camera.toPage(left + clientWidth / 2, top + clientHeight / 2)
    const id = newId(), { width = 480, height = width, ...rest } = { ...SIZES[kind], ...values }
    this.do({ verb: "put", items: [{ kind, id, x: Math.round(x - width / 2), y: Math.round(y - height / 2), width, height, ...rest }] })
    this.choose("arrange")
    this.chooseKept(id)
  }

  restyle(set) { this.do({ verb: "restyle", set }) }

  // Something provisional on screen, until the drawing of this item has arrived.
  hold(id, element) { this.held.set(id, element) }

  kept({ patches, can, said }, page) {
    for (const patch of patches) {
      this.patch(patch)
      if (patch.said) say(patch.said, { seconds: 8 })
      if (this.mode === "teach" && patch.verb !== "turn" && patch.page === this.page) this.store.since = patch.verb === "reset" ? 0 : this.store.since + 1
      if (patch.op === this.pasting?.id) this.pasting.arrived(patch)
    }
    if (said) say(said)
    if (can && page === this.page && !this.outbox.pending) Object.assign(this.store, { undo: can.undo, redo: can.redo })
  }

  async refused(entry, { error, clash }) {
    const told = clash ? this.clashes.text(entry) : this.clashes.textGone(entry)
    if (!told) say(error)
    const { items = [], ids = [] } = entry.operation ?? {}
    const shown = [...items.map(({ id }) => id), ...ids]
    shown.forEach(id => this.dry(id))
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

  // Does something once all is kept, unless the teacher went on meanwhile: to another page, tool or choice.
  async onceKept(does) {
    const still = this.staying()
    await this.settled()
    if (still()) does()
  }

  chooseKept(...ids) { return this.onceKept(() => this.choice.only(...ids)) }

  // Whether, from now on, page, tool and choice are still the same.
  staying() {
    const { page, tool, choice: { chosen } } = this
    return () => page === this.page && tool === this.tool && chosen === this.choice.chosen
  }

  heard(message) {
    if (message.patch) this.patch(message.patch)
    if (message.roll) this.doors.changed()
    if (message.turn) this.turnTo(message.turn, { told: true })
    if (message.order) this.order.elsewhere()
  }

  patch(patch) {
    if (patch.verb !== "turn") this.order.changed(patch.page, patch.seq)
    const planned = patch.style && this.pages.find(({ id }) => id === patch.page)
    if (planned) this.replan(planned, patch.style)
    if (patch.page !== this.page) return
    this.view.apply(patch)
    patch.put.forEach(({ id }) => this.dry(id))
    patch.gone.forEach(id => this.dry(id))
    this.media.lay()
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
    const page = await send("GET", this.here(`/pages/${this.page}`))
    if (page.page !== this.page) return page.mark
    this.view.load(page)
    this.choice.refresh()
    Object.assign(this.store, page.can, { since: page.since })
    return page.mark
  }

  // told: the sitting turned there; else it turns with this board in Teach.
  async turnTo(page, { told = false } = {}) {
    if (page === this.heading) return
    this.heading = page
    this.contacts.cancelAll()
    this.editor.close()
    this.choice.only()
    let fresh
    try {
      fresh = await send("GET", this.here(`/pages/${page}`))
    } catch (error) {
      if (this.heading === page) this.heading = this.page
      return say(error.message)
    }
    if (this.heading !== page) return // turned on meanwhile
    this.page = page
    this.media.leave()
    this.wet.clear()
    this.held.forEach(element => element.remove())
    this.held.clear()
    this.view.load(fresh)
    Object.assign(this.store, fresh.can, { since: fresh.since })
    this.camera.turn(fresh.style)
    this.count()
    this.order.mark(page)
    this.pageSheet.fill(this.store.paper, this.store.measures)
    this.clock?.turned(page)
    history.replaceState(null, "", `${location.pathname}?page=${page}`)
    if (!told && (this.sitting || this.recorder.state === "on")) this.do({ verb: "turn" })
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
    const right = this.camera.toScreen(this.camera.page.width, 0)[0]
    this.overview.draw()
    Object.assign(this.store, { fitted: this.camera.fitted, narrow: this.camera.narrow, wings: this.stage.clientWidth - right > 138, zoom: `${Math.round(this.camera.view.scale * 100)} %` })
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
    if (this.picking) return this.pick(null)
    if (this.using.id) return this.using.leave()
    if (this.spotlight.on) return this.spotlight.toggle()
    if (this.magnifier.on) return this.magnifier.toggle()
    if (this.choice.size) return this.choice.clear()
    this.choose(this.mode === "teach" ? "use" : "arrange")
  }

  async playActivity(activity) {
    await htmx.ajax("POST", `/activities/${activity}/attempts`, { target: "#player-body", swap: "innerHTML" })
    if (document.getElementById("player-body").children.length) document.getElementById("player").showModal()
  }

  announce(words) { document.getElementById("spoken").textContent = words }
}

startHtmx(htmx)
Alpine.store("board", boardStore())
Alpine.data("puck", puck)
const board = new Board(document.getElementById("board"), Alpine.store("board"))
Alpine.store("board").attach(board)
Alpine.start()
performance.mark("usher:ready") // read by bench/open
