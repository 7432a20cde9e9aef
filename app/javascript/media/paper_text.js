// The words of a paper (a page of a PDF) laid invisibly over it, to be selected and copied as anywhere.
import { send } from "shared/net"
import { say } from "shared/say"
import { newId } from "shared/ids"

export default class PaperText {
  constructor(board) {
    this.board = board
    board.camera.watch(() => this.lay())
  }

  toggle() { this.layer ? this.close() : this.open() }

  async open() {
    const { board } = this
    const { lines } = await send("GET", `/pages/${board.page}/lines`).catch(error => say(error.message)) ?? {}
    if (!lines?.length) return say("This page’s paper has no words. Pages of a PDF have them.")
    board.media.hide()
    this.layer = Object.assign(document.createElement("div"), { className: "paper-words", tabIndex: 0 })
    this.layer.dataset.overStage = this.layer.dataset.ownKeys = ""
    this.layer.setAttribute("aria-label", "The words of this paper")
    this.spans = lines.map(([x, y, width, height, words]) => [x, y, width, height, this.layer.appendChild(Object.assign(document.createElement("span"), { textContent: `${words}\n` }))])
    this.bar = Object.assign(document.createElement("div"), { className: "live-bar" })
    this.bar.dataset.overStage = ""
    this.bar.innerHTML = `<button type="button" data-all>Select all</button><button type="button" data-copy>Copy</button><button type="button" data-put>Put on the page as text</button><button type="button" data-shut>Done</button>`
    this.bar.addEventListener("pointerdown", event => event.preventDefault()) // keeps the selection
    this.bar.addEventListener("click", ({ target }) => this.press(target))
    this.layer.addEventListener("keydown", event => { if (event.key === "Escape") this.close() })
    this.layer.addEventListener("wheel", event => event.stopPropagation())
    board.stage.append(this.layer, this.bar)
    this.lay()
    this.layer.focus()
    say("Select words on the page as in any text.")
  }

  get chosen() { return getSelection().toString().trim() }

  async press(target) {
    if (target.matches("[data-shut]")) return this.close()
    if (target.matches("[data-all]")) return getSelection().selectAllChildren(this.layer)
    if (!target.matches("[data-copy], [data-put]")) return
    const text = this.chosen
    if (!text) return say("Select some words first.")
    if (target.matches("[data-copy]")) return navigator.clipboard.writeText(text).then(() => say("Copied."), () => say("This browser does not let Usher copy."))
    const box = getSelection().getRangeAt(0).getBoundingClientRect(), [x, y] = this.board.camera.toPage(box.left, box.top)
    this.board.media.put([{ kind: "text", id: newId(), text, x: Math.round(x), y: Math.round(y), width: 700, height: 0, size: 32, ground: "#ffffff" }])
    this.close()
  }

  lay() {
    if (!this.layer) return
    const { scale } = this.board.camera.view
    for (const [x, y, width, height, span] of this.spans) {
      const [left, top] = this.board.camera.toScreen(x, y)
      Object.assign(span.style, { left: `${left}px`, top: `${top}px`, fontSize: `${height * scale}px`, transform: "none" })
      span.style.transform = `scaleX(${width * scale / Math.max(1, span.getBoundingClientRect().width)})`
    }
    Object.assign(this.bar.style, { left: `${Math.max(8, (this.board.stage.clientWidth - this.bar.offsetWidth) / 2)}px`, top: "12px" })
  }

  close() {
    this.layer?.remove()
    this.bar?.remove()
    this.layer = this.bar = null
    this.board.stage.focus()
  }
}
