// The on-screen keyboard, for a wall that has no keys. It opens by itself when a field is tapped with
// a finger on a large screen and no key has been pressed on a real keyboard; it is moved by its head,
// and knows several layouts. The keys are simple-keyboard's; what they write goes where the caret is.
const LARGE = 900 // CSS pixels; smaller devices bring a keyboard of their own
const PLACE = "usher:keyboard"

export class Keyboard {
  constructor(board) {
    this.board = board
    this.frame = document.getElementById("keyboard")
    this.keysSeen = false
    document.addEventListener("keydown", event => { if (event.isTrusted && event.key !== "Unidentified") this.keysSeen = true }, true)
    document.addEventListener("pointerdown", event => { this.touched = event.pointerType === "touch" }, true)
    document.addEventListener("focusin", ({ target }) => { if (target.matches("input:not([type=checkbox], [type=radio], [type=range], [type=color], [type=file]), textarea")) this.wanted(target) })
    if (!this.frame) return
    this.frame.addEventListener("pointerdown", event => { if (!event.target.closest("select")) event.preventDefault(); if (event.target.closest("[data-grip]")) this.grab(event) })
    this.frame.querySelector("[data-away]").addEventListener("click", () => this.hide())
    const layouts = this.frame.querySelector("select")
    layouts.addEventListener("change", async () => { await this.use(layouts.value); this.board.editor.open ? this.board.editor.resume() : this.field?.focus() })
  }

  get layout() { return this.board.store.preferences.keyboard.layout }

  // A field is about to be typed in.
  wanted(field) {
    this.field = field
    if (this.frame && this.touched && !this.keysSeen && innerWidth >= LARGE && this.board.store.preferences.keyboard.opens) this.show()
  }

  left(field) { if (this.field === field) this.hide() }

  async show() {
    const dialog = this.field?.closest("dialog[open]")
    ;(dialog ?? document.body).append(this.frame) // what lies under a dialog cannot be pressed
    this.frame.hidden = false
    if (!this.keys) {
      const { SimpleKeyboard } = await import("simple-keyboard")
      this.keys = new SimpleKeyboard(this.frame.querySelector(".keyboard-keys"), { onKeyPress: key => this.press(key), layoutName: "default", mergeDisplay: true, physicalKeyboardHighlight: false, preventMouseDownDefault: true,
        display: { "{bksp}": "⌫", "{enter}": "Enter", "{shift}": "Shift", "{lock}": "Caps", "{tab}": "Tab", "{space}": "Space" }, useMouseEvents: false })
    }
    await this.use(this.layout)
    this.settle()
  }

  hide() { if (this.frame) this.frame.hidden = true }

  async use(name) {
    const { default: layout } = await import(`layouts/${name}`)
    const rows = Object.entries(layout.layout).map(([name, keys]) => [name, keys.map(row => row.replace(/^\.com @ /, ""))])
    this.keys.setOptions({ layout: Object.fromEntries(rows), layoutName: "default" })
    this.frame.querySelector("select").value = name
    if (name !== this.layout) this.board.preferences.set({ keyboard: { ...this.board.store.preferences.keyboard, layout: name } })
  }

  press(key) {
    if (key === "{shift}" || key === "{lock}") return this.shift(key)
    const does = { "{bksp}": () => this.erase(), "{enter}": () => this.enter(), "{tab}": () => this.write("\t"), "{space}": () => this.write(" ") }[key]
    does ? does() : this.write(key)
    if (this.once) this.shift("{shift}")
  }

  shift(key) {
    const up = this.keys.options.layoutName === "default"
    this.once = up && key === "{shift}"
    this.keys.setOptions({ layoutName: up ? "shift" : "default" })
  }

  write(words) {
    if (this.board.editor.open) return this.board.editor.insert(words)
    const { field } = this
    if (!field?.isConnected) return
    field.setRangeText(words, field.selectionStart ?? field.value.length, field.selectionEnd ?? field.value.length, "end")
    field.dispatchEvent(new Event("input", { bubbles: true }))
  }

  erase() {
    if (this.board.editor.open) return this.board.editor.erase()
    const { field } = this, from = field.selectionStart, to = field.selectionEnd
    if (from === to && from === 0) return
    field.setRangeText("", from === to ? from - 1 : from, to, "end")
    field.dispatchEvent(new Event("input", { bubbles: true }))
  }

  enter() {
    if (this.board.editor.open || this.field?.matches("textarea")) return this.write("\n")
    this.field?.form?.requestSubmit()
  }

  grab(event) {
    const { left, top } = this.frame.getBoundingClientRect()
    const [dx, dy] = [event.clientX - left, event.clientY - top]
    const move = ({ clientX, clientY }) => this.settle([clientX - dx, clientY - dy])
    const drop = () => { document.removeEventListener("pointermove", move); document.removeEventListener("pointerup", drop) }
    document.addEventListener("pointermove", move)
    document.addEventListener("pointerup", drop)
  }

  // Where it was left, within the screen; at first in the middle, low.
  settle(place) {
    let kept
    try { kept = JSON.parse(localStorage.getItem(PLACE)) } catch { /* the usual place */ }
    const { offsetWidth, offsetHeight } = this.frame
    const [x, y] = place ?? kept ?? [(innerWidth - offsetWidth) / 2, innerHeight - offsetHeight - 12]
    const now = [Math.max(0, Math.min(x, innerWidth - offsetWidth)), Math.max(0, Math.min(y, innerHeight - offsetHeight))]
    Object.assign(this.frame.style, { left: `${now[0]}px`, top: `${now[1]}px` })
    if (place) localStorage.setItem(PLACE, JSON.stringify(now))
  }
}
