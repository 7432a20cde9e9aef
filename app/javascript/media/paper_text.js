// The words of a paper (a page of a PDF) laid invisibly over it, to be selected and copied as anywhere.
import { send } from "shared/net"
import { say } from "shared/say"
import { newId } from "shared/ids"
import { bar } from "media/sheet"
import { Part } from "surface/part"

export default class PaperText extends Part {
  static needs = ["room", "surface"]

  constructor(parts) {
    super(parts)
    this.surface.camera.watch(() => this.lay())
  }

  toggle() {
    this.layer ? this.close() : this.open()
  }

  async open() {
    const { lines } = (await send("GET", `/pages/${this.surface.page}/lines`).catch(error => say(error.message))) ?? {}
    if (!lines?.length) return say("This page’s paper has no words. Pages of a PDF have them.")
    this.room.hide()
    this.layer = Object.assign(document.createElement("div"), { className: "paper-words", tabIndex: 0 })
    this.layer.dataset.overStage = this.layer.dataset.ownKeys = ""
    this.layer.setAttribute("aria-label", "The words of this paper")
    this.spans = lines.map(([x, y, width, height, words]) => [
      x,
      y,
      width,
      height,
      this.layer.appendChild(Object.assign(document.createElement("span"), { textContent: `${words}\n` }))
    ])
    this.bar = bar("words")
    this.bar.addEventListener("pointerdown", event => event.preventDefault()) // keeps the selection
    this.bar.addEventListener("click", ({ target }) => this.press(target))
    this.layer.addEventListener("keydown", event => {
      if (event.key === "Escape") this.close()
    })
    this.layer.addEventListener("wheel", event => event.stopPropagation())
    this.surface.stage.append(this.layer, this.bar)
    this.lay()
    this.layer.focus()
    say("Select words on the page as in any text.")
  }

  get chosen() {
    return getSelection().toString().trim()
  }

  async press(target) {
    if (target.matches("[data-shut]")) return this.close()
    if (target.matches("[data-all]")) return getSelection().selectAllChildren(this.layer)
    if (!target.matches("[data-copy], [data-put]")) return
    const text = this.chosen
    if (!text) return say("Select some words first.")
    if (target.matches("[data-copy]"))
      return navigator.clipboard.writeText(text).then(
        () => say("Copied."),
        () => say("This browser does not let Usher copy.")
      )
    const box = getSelection().getRangeAt(0).getBoundingClientRect(),
      [x, y] = this.surface.camera.toPage(box.left, box.top)
    this.room.put([
      {
        kind: "text",
        id: newId(),
        text,
        x: Math.round(x),
        y: Math.round(y),
        width: 700,
        room: 700,
        height: 0,
        size: 32,
        ground: "#ffffff"
      }
    ])
    this.close()
  }

  lay() {
    if (!this.layer) return
    const { scale } = this.surface.camera.view
    for (const [x, y, width, height, span] of this.spans) {
      const [left, top] = this.surface.camera.toScreen(x, y)
      Object.assign(span.style, {
        left: `${left}px`,
        top: `${top}px`,
        fontSize: `${height * scale}px`,
        transform: "none"
      })
      span.style.transform = `scaleX(${(width * scale) / Math.max(1, span.getBoundingClientRect().width)})`
    }
    Object.assign(this.bar.style, {
      left: `${Math.max(8, (this.surface.stage.clientWidth - this.bar.offsetWidth) / 2)}px`,
      top: "12px"
    })
  }

  close() {
    this.layer?.remove()
    this.bar?.remove()
    this.layer = this.bar = null
    this.surface.stage.focus()
  }
}
