// The symbols bank: tap a symbol, or drag it to the page. In a text being written it goes to the
// caret, else onto the page as a text of the current size and colour.
import { newId } from "shared/ids"
import { round } from "surface/geometry"
import { Part } from "surface/part"
import { drag } from "surface/drag"

const SHAKY = 14 // CSS pixels within which a press stays a tap

export default class Symbols extends Part {
  static needs = ["editor", "preferences", "state", "surface"]

  constructor(parts) {
    super(parts)
    this.panel = document.getElementById("symbols")
    if (!this.panel) return
    this.panel.addEventListener("pointerdown", event => this.grab(event))
    this.panel.addEventListener("click", event => {
      if (event.target.closest("[data-away]")) this.hide()
      const symbol = event.target.closest("[data-symbol]")
      if (symbol && !event.detail) this.put(symbol.dataset.symbol) // by a key; a hand's press is followed in grab
    })
    this.panel.addEventListener("keydown", event => {
      if (event.key === "Escape") {
        event.stopPropagation()
        this.hide()
      }
    })
    this.panel.addEventListener("focusin", () => this.editor.hold())
  }

  show() {
    this.editor.hold()
    this.panel.hidden = false
    const find = this.panel.querySelector("[name=q]")
    find.value = ""
    window.htmx.trigger(find, "search")
  }

  hide() {
    this.panel.hidden = true
    const { editor } = this
    editor.open ? editor.resume() : this.surface.stage.focus()
  }

  put(symbol) {
    const {
      editor,
      surface: { camera, stage }
    } = this
    this.preferences.used(symbol)
    if (editor.open) return editor.insert(symbol)
    const { left, top } = stage.getBoundingClientRect()
    this.place(symbol, camera.toPage(left + stage.clientWidth / 2, top + stage.clientHeight / 2))
  }

  place(symbol, [x, y]) {
    const { size, colour, font } = this.state.pen
    const width = Math.max(60, size * 1.1 * symbol.length)
    this.surface.do({
      verb: "put",
      items: [
        {
          kind: "text",
          id: newId(),
          x: round(x - width / 2),
          y: round(y - size * 0.65),
          width: round(width),
          room: round(width),
          height: 0,
          text: symbol,
          size,
          colour,
          font,
          align: "middle"
        }
      ]
    })
  }

  // Dragged out of the panel it is dropped where it is let go; a tap means the symbol that was pressed, whatever a
  // search has put in its place since.
  grab(event) {
    const symbol = event.target.closest("[data-symbol]")
    if (!symbol || event.button) return
    if (this.editor.open) event.preventDefault() // the caret stays
    let ghost
    drag(event, {
      threshold: SHAKY,
      capture: null,
      begin: () => {
        ghost = document.body.appendChild(
          Object.assign(document.createElement("div"), {
            className: "symbol-carried",
            textContent: symbol.dataset.symbol
          })
        )
      },
      move: ({ clientX, clientY }) => Object.assign(ghost.style, { left: `${clientX}px`, top: `${clientY}px` }),
      end: ({ clientX, clientY }, dragged) => {
        ghost?.remove()
        if (!dragged) return this.put(symbol.dataset.symbol)
        if (document.elementFromPoint(clientX, clientY)?.closest("#symbols")) return
        this.preferences.used(symbol.dataset.symbol)
        this.place(symbol.dataset.symbol, this.surface.camera.toPage(clientX, clientY))
      },
      cancel: () => ghost?.remove()
    })
  }
}
