// What a lesson can be given besides ink and text. Each part is a file in media/, fetched when it is first
// wanted, so that a board opens no slower for all of them.
import { send } from "shared/net"
import { say } from "shared/say"
import { newId } from "shared/ids"
import { ask } from "shared/ask"
import { speak } from "shared/opening"
import { boxOf } from "shared/page_view"

const EDGE = 200 // page units from the page's edge, within which nothing is laid by itself
const STILL = 320 // page units, the width of a still in a storyboard

export class MediaRoom {
  constructor(board) {
    this.board = board
    this.parts = {}
    this.panel = document.getElementById("store-room")
    this.panel?.addEventListener("click", event => { if (event.target.closest("[data-away]")) this.hide() })
    this.panel?.addEventListener("keydown", event => { if (event.key === "Escape") { event.stopPropagation(); this.hide() } })
  }

  // The part of this name, made once.
  async part(name) {
    if (!this.parts[name]) {
      const { default: Part } = await import(`media/${name}`)
      this.parts[name] ??= new Part(this.board)
    }
    return this.parts[name]
  }

  // Does something with a part: run("crop", "begin", element).
  async run(name, action, ...rest) { return (await this.part(name))[action](...rest) }

  async show() {
    this.board.editor.close()
    this.panel.hidden = false
    this.board.camera.makeRoom(this.panel.offsetWidth)
    const body = this.panel.querySelector("[data-store-room]")
    if (!this.room) {
      const { default: StoreRoom } = await import("media/store_room")
      const { board } = this
      this.room ??= new StoreRoom(body, { taken: (...what) => this.take(...what), page: (x, y) => this.over(x, y) && board.camera.toPage(x, y), linked: (way, address) => this.run("web_sheet", way, address).catch(error => say(error.message)), uploaded: asset => { if (asset.paged) this.take("own", [asset.asset]) } })
    }
    this.panel.tabIndex = -1
    this.panel.focus({ preventScroll: true })
    if (!body.firstElementChild) window.htmx.trigger(body, "open")
    else this.room.refresh()
  }

  toggle() { this.panel.hidden ? this.show() : this.hide() }

  hide() {
    this.panel.hidden = true
    this.board.camera.makeRoom(0)
    this.board.stage.focus()
  }

  over(x, y) { return Boolean(document.elementFromPoint(x, y)?.closest("#stage")) }

  // The middle of what is in view and not under the panel, in page units; on the page, not in its wings.
  middle() {
    const { stage, camera } = this.board, { left, top, right, bottom } = stage.getBoundingClientRect()
    const panel = this.panel && !this.panel.hidden && this.panel.getBoundingClientRect(), beside = panel && innerWidth >= 900
    const [x, y] = camera.toPage((left + (beside ? panel.left : right)) / 2, (top + (panel && !beside ? panel.top : bottom)) / 2)
    const { page } = this.board.camera
    return [Math.min(page.width - EDGE, Math.max(EDGE, x)), Math.min(page.height - EDGE, Math.max(EDGE, y))].map(Math.round)
  }

  // Things come out of the store room onto the page in view.
  async take(shelf, ids, at = this.middle()) {
    const { board } = this, { page } = board
    try {
      const { items, pages } = await send("POST", "/store_room/takings", { shelf, ids, at: at.map(Math.round), lesson_id: board.lesson })
      if (items.length) await this.put(items, page)
      if (pages) await this.run("pages_sheet", "open", pages)
    } catch (error) {
      say(error.message)
    }
  }

  // Puts items on a page and chooses them, when that page is still in view.
  async put(items, page = this.board.page) {
    const { board } = this
    const [first, more] = items, here = board.mode === "prepare" && board.page === page
    board.do({ verb: "put", items }, board.during(), page)
    if (!here) return board.settled()
    board.choose("arrange")
    await board.chooseKept(...items.map(({ id }) => id))
    if (board.page === page && !more && first.kind === "picture" && !first.alt) say("What is to be seen on this picture? Some cannot see it.", { action: "Describe it", run: () => { board.choice.only(first.id); this.describe() }, seconds: 10 })
  }

  // A sound or a video plays in its place; the class's devices follow.
  async play(element, how) {
    const { board } = this
    if (!this.player) {
      const { default: Player } = await import("media/player")
      this.player ??= new Player({ view: () => board.view, place: board.stage, toScreen: (x, y) => board.camera.toScreen(x, y), beside: (left, width) => board.camera.beside(left, width), tell: state => this.tell(state),
        still: (...which) => this.still(...which), keep: board.mode === "prepare" ? (id, set) => board.do({ verb: "change", changes: [{ id, set }] }) : null })
      board.camera.watch(() => this.player.lay())
      window.addEventListener("pagehide", () => this.player.close())
    }
    this.player.open(element, how)
  }

  tell(state) {
    if (this.board.store.doors || this.board.recorder.on) this.board.live.perform("media", { ...this.board.recorder.during(), ...(state.item ? { ...state, page: this.board.page } : {}) })
  }

  // What a video shows at this second lands on the page, the next one beside it: a storyboard. Or it
  // becomes the picture that the video shows at rest.
  async still(id, asset, at, { poster = false } = {}) {
    const { board } = this, { page } = board
    try {
      const picture = await send("POST", `/media/${asset}/still`, { at })
      if (poster) return board.do({ verb: "change", changes: [{ id, set: { picture: picture.id } }] })
      const { x, y, width, height } = boxOf(board.view.find(id)), row = this.stills?.page === page ? this.stills : { page, count: 0 }
      this.stills = row
      const side = [STILL, Math.round(STILL * picture.height / picture.width)], across = 3
      const below = y + height + side[1] * 0.6 < this.board.camera.page.height ? [x, y + height + 20] : [20, 20]
      const spot = [below[0] + row.count % across * (side[0] + 20), below[1] + Math.floor(row.count / across) * (side[1] + 20)]
      row.count += 1
      board.do({ verb: "put", items: [{ kind: "picture", id: newId(), picture: picture.id, alt: picture.name, x: Math.round(spot[0]), y: Math.round(spot[1]), width: side[0], height: side[1] }] }, board.during(), page)
    } catch (error) {
      say(error.message)
    }
  }

  // How the open sheet says a text should be read.
  speech() {
    const { sheet } = this.board.chosen
    return { language: sheet.querySelector("[data-speech-language]").value, speed: Number(sheet.querySelector("[data-speech-speed]").value) || 150 }
  }

  async hear() {
    const { board } = this, { page } = board, [id] = board.choice.ids(), { language, speed } = this.speech()
    await board.settled()
    speak(page, id, language, speed, board.sitting)
  }

  // What is to be seen on a picture, for those who cannot see it.
  async describe() {
    const { board } = this, [element] = board.choice.elements(), was = element.getAttribute("aria-label").replace(/^Picture(: )?/, "")
    const alt = await ask("What is to be seen on this picture?", { value: was, action: "Keep", empty: true, hint: "It is read out where the picture cannot be seen." })
    if (alt !== null) board.do({ verb: "change", changes: [{ id: element.dataset.item, set: { alt } }] })
  }

  // What is chosen goes into the store room, to come out again as it is.
  async keepSet() {
    const { board } = this, ids = board.choice.ids(), name = await ask("What should these things be called?", { action: "Keep in store room", hint: "They come out again as they are: live, not as a picture." })
    if (!name) return
    await board.settled()
    await send("POST", "/store_room/sets", { page: board.page, ids, name, sitting: board.sitting }).then(() => say(`“${name}” is in the store room.`), error => say(error.message))
    if (!this.panel.hidden) this.room?.refresh()
  }

  // Whether any page of the web lives on this page.
  get framed() { return Boolean(this.frames?.living.size) }

  // A page of the web comes to life in its frame.
  async frame(element) {
    const { board } = this
    if (!this.frames) {
      const { default: Frames } = await import("media/frames")
      this.frames ??= new Frames(() => board.view)
    }
    this.frames.open(element)
  }

  // Things were drawn anew, moved or left: what lives on the page stays with them.
  lay() {
    this.player?.lay()
    this.frames?.lay()
  }

  leave() {
    this.player?.close()
    this.frames?.close()
    this.parts.live_view?.close()
    this.parts.paper_text?.close()
  }

  // Files from the device come onto the page, as soon as each is in.
  async bring(files, at) {
    const { default: Uploads } = await import("media/uploads")
    this.uploads ??= new Uploads({ done: (asset, { at: place, index }) => this.take("own", [asset.asset], (place ?? this.middle()).map(n => n + index * 30)) })
    this.uploads.add(files, { at })
  }
}
