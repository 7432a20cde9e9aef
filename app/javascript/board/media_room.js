// What a lesson can be given besides ink and text. Each part is a file in media/, fetched when it is first
// wanted, so that a board opens no slower for all of them.
import { send } from "shared/net"
import { say } from "shared/say"

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
      this.room ??= new StoreRoom(body, { taken: (...what) => this.take(...what), page: (x, y) => this.over(x, y) && board.camera.toPage(x, y), uploaded: asset => { if (asset.to === "pdf") this.take("own", [asset.asset]) } })
    }
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

  // The middle of what is in view and not under the panel, in page units.
  middle() {
    const { stage, camera } = this.board, { left, top, width, height } = stage.getBoundingClientRect()
    const covered = this.panel && !this.panel.hidden && innerWidth >= 900 ? this.panel.offsetWidth : 0
    return camera.toPage(left + (width - covered) / 2, top + height / 2).map(Math.round)
  }

  // Things come out of the store room onto the page in view.
  async take(shelf, ids, at = this.middle()) {
    const { board } = this, { page } = board
    try {
      const { items, pdf } = await send("POST", "/store_room/takings", { shelf, ids, at: at.map(Math.round), lesson: board.lesson })
      if (items.length) await this.put(items, page)
      if (pdf) await this.run("pdf_sheet", "open", pdf)
    } catch (error) {
      say(error.message)
    }
  }

  // Puts items on a page and chooses them, when that page is still in view.
  async put(items, page = this.board.page) {
    const { board } = this
    board.do({ verb: "put", items }, board.during(), page)
    await board.settled()
    if (board.mode !== "prepare" || board.page !== page) return
    board.choose("arrange")
    board.choice.only(...items.map(({ id }) => id))
  }

  // Files from the device come onto the page, as soon as each is in.
  async bring(files, at) {
    const { default: Uploads } = await import("media/uploads")
    this.uploads ??= new Uploads({ done: (asset, { at: place, index }) => this.take("own", [asset.asset], (place ?? this.middle()).map(n => n + index * 30)) })
    this.uploads.add(files, { at })
  }
}
