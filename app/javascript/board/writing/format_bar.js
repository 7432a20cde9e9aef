// The bar under a text being written: what its parts, its paragraphs and the whole can look like.
// Pressing a button leaves the caret where it is.
import { Part } from "surface/part"

export class FormatBar extends Part {
  static needs = ["fetched", "surface"]

  constructor(parts, editor) {
    super(parts)
    this.editor = editor
    this.bar = document.getElementById("format-bar")
    if (!this.bar) return
    this.bar.addEventListener("pointerdown", event => {
      if (!event.target.closest("input, select")) event.preventDefault()
    })
    this.bar.addEventListener("click", event => this.press(event.target.closest("button")))
    this.bar.addEventListener("keydown", event => {
      if (event.key === "Escape") {
        event.stopPropagation()
        editor.resume()
      }
    })
    this.bar.addEventListener("toggle", ({ target }) => this.unfold(target), true)
    // Going to the bar by keys does not end the typing.
    this.bar.addEventListener("focusin", () => {
      editor.held = true
    })
    this.bar.addEventListener("focusout", event => {
      if (!this.bar.contains(event.relatedTarget)) {
        editor.held = false
        if (event.relatedTarget !== editor.area) editor.close()
      }
    })
  }

  show() {
    if (!this.bar) return
    this.bar.hidden = false
    this.refresh()
  }

  hide() {
    if (!this.bar) return
    this.bar.hidden = true
    this.editor.held = false
    this.bar.querySelectorAll("details[open]").forEach(part => part.removeAttribute("open"))
  }

  focus() {
    this.editor.hold()
    this.bar?.querySelector("button")?.focus()
  }

  press(button) {
    if (!button || !this.editor.open) return
    const { editor } = this,
      { look, value } = button.dataset
    const whole = {
      align: () => ({ align: value }),
      ground: () => (editor.edited.kind === "text" ? { ground: value } : value === "none" ? {} : { card: value })
    }[look]
    if (whole) editor.change(whole())
    else if (look === "size") editor.resize(Number(value))
    else if (look === "list") editor.list(value)
    else if (look === "symbols") this.fetched.run("board/writing/symbols", "show")
    else if (look === "shift") editor.shift(value)
    else if (look) editor.mark(look, value)
    if (button.closest("details")) button.closest("details").removeAttribute("open")
  }

  refresh() {
    if (!this.bar || !this.editor.edited) return
    const { edited, script, sheet } = this.editor
    const [from] = sheet.selected() ?? [0]
    const look = { ...edited, ...script.look(from) }
    for (const button of this.bar.querySelectorAll("[data-look]")) {
      const { look: name, value } = button.dataset
      const pressed =
        value === undefined
          ? look[name]
          : name === "list"
            ? script.kind(from) === value
            : name === "ground"
              ? (edited.ground ?? edited.card) === value
              : look[name] === value
      if (["size", "symbols"].includes(name)) continue
      button.setAttribute("aria-pressed", Boolean(pressed))
    }
    this.bar.querySelector("[data-size-now]").textContent = Math.round(edited.size * (look.scale ?? 1))
  }

  // What opens lies under the bar, or over it where there is more room.
  unfold(part) {
    if (!part.open) return
    const { top, bottom } = this.surface.stage.getBoundingClientRect()
    const bar = this.bar.getBoundingClientRect(),
      below = Math.min(bottom, this.sheet()) - bar.bottom
    const lacks = part.querySelector(".format-menu").offsetHeight + 8 > below
    this.bar.classList.toggle("unfolds-up", lacks && bar.top - top > below)
  }

  // Under the text; over it only where the screen ends. In sight also when the text is not.
  place() {
    const { area } = this.editor,
      { stage, camera } = this.surface
    if (!this.bar || this.bar.hidden || !area) return
    const box = area.getBoundingClientRect(),
      { left, top: up, height } = stage.getBoundingClientRect()
    const floor = Math.min(height - Number(stage.dataset.inset.split(" ")[3]) + 20, this.sheet() - up)
    const below = box.bottom - up + 14
    const top = below + this.bar.offsetHeight <= floor ? below : box.top - up - this.bar.offsetHeight - 14
    this.bar.style.left = `${camera.beside(box.left - left, this.bar.offsetWidth)}px`
    this.bar.style.top = `${Math.max(8, top)}px`
  }

  // Where the tray begins that lies under the page, as on a phone.
  sheet() {
    const trays = [...document.querySelectorAll(".tray")].map(tray => tray.getBoundingClientRect())
    return trays.find(({ width }) => width > innerWidth / 2)?.top ?? Infinity
  }
}
