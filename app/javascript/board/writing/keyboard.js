// The on-screen keyboard, for a wall that has no keys. It opens by itself when a field is tapped with
// a finger on a large screen and no key has been pressed on a real keyboard; it is moved by its head,
// and knows several layouts. The keys are simple-keyboard's; what they write goes where the caret is.
import { fetchModule } from "shared/net"
import { drag } from "surface/drag"

const LARGE = 900 // CSS pixels; smaller devices bring a keyboard of their own
const PLACE = "usher:keyboard"
const SEEN = "usher:keys" // that a real key was pressed in this tab
const FIELDS = "input:not([type=checkbox], [type=radio], [type=range], [type=color], [type=file]), textarea"

export class Keyboard {
  // settings(): { opens, layout }; keep(settings) of the teacher's; editor(): the text open on a page, if
  // there are pages here.
  constructor({ settings, keep, editor = () => null }) {
    Object.assign(this, { settings, keep, editor, frame: document.getElementById("keyboard") })
    if (!this.frame) return
    document.addEventListener(
      "keydown",
      event => {
        if (event.isTrusted && event.key !== "Unidentified") sessionStorage.setItem(SEEN, "1")
      },
      true
    )
    document.addEventListener(
      "pointerdown",
      event => {
        this.touched = event.pointerType === "touch"
      },
      true
    )
    document.addEventListener("focusin", ({ target }) => {
      if (target.matches(FIELDS)) this.wanted(target)
    })
    document.addEventListener("focusout", () => setTimeout(() => this.leave()))
    this.frame.addEventListener("pointerdown", event => {
      if (!event.target.closest("select")) event.preventDefault()
      if (event.target.closest("[data-grip]")) this.grab(event)
    })
    this.frame.querySelector("[data-away]").addEventListener("click", () => this.hide())
    const layouts = this.frame.querySelector("select")
    layouts.addEventListener("change", async () => {
      await this.use(layouts.value)
      this.editor() ? this.editor().resume() : this.field?.focus()
    })
  }

  // A field is about to be typed in.
  wanted(field) {
    this.field = field
    if (!this.frame.hidden) return this.show() // it follows into a dialog, and out of it
    if (!this.touched || sessionStorage.getItem(SEEN) || innerWidth < LARGE || !this.settings().opens) return
    this.byItself = true
    this.show()
  }

  left(field) {
    if (this.field === field) this.hide()
  }

  // Nothing to type in has the focus any more.
  leave() {
    const { activeElement } = document
    if (this.byItself && !this.editor() && !activeElement?.matches(FIELDS) && !this.frame.contains(activeElement))
      this.hide()
  }

  async show() {
    const dialog = this.field?.closest("dialog[open]")
    ;(dialog ?? document.body).append(this.frame) // what lies under a dialog cannot be pressed
    this.frame.hidden = false
    if (!this.keys) {
      const { SimpleKeyboard } = await fetchModule("simple-keyboard")
      this.keys = new SimpleKeyboard(this.frame.querySelector(".keyboard-keys"), {
        onKeyPress: key => this.press(key),
        layoutName: "default",
        mergeDisplay: true,
        physicalKeyboardHighlight: false,
        preventMouseDownDefault: true,
        display: {
          "{bksp}": "⌫",
          "{enter}": "Enter",
          "{shift}": "Shift",
          "{lock}": "Caps",
          "{tab}": "Tab",
          "{space}": "Space"
        },
        useMouseEvents: false
      })
    }
    await this.use(this.settings().layout)
    this.settle()
  }

  hide() {
    if (this.frame) this.frame.hidden = true
    this.byItself = false
  }

  async use(name) {
    const { default: layout } = await fetchModule(`layouts/${name}`)
    const rows = Object.entries(layout.layout).map(([name, keys]) => [
      name,
      keys.map(row => row.replace(/^\.com @ /, ""))
    ])
    this.keys.setOptions({ layout: Object.fromEntries(rows), layoutName: "default" })
    this.frame.querySelector("select").value = name
    if (name !== this.settings().layout) this.keep({ ...this.settings(), layout: name })
  }

  press(key) {
    if (key === "{shift}" || key === "{lock}") return this.shift(key)
    const does = {
      "{bksp}": () => this.erase(),
      "{enter}": () => this.enter(),
      "{tab}": () => this.write("\t"),
      "{space}": () => this.write(" ")
    }[key]
    does ? does() : this.write(key)
    if (this.once) this.shift("{shift}")
  }

  shift(key) {
    const up = this.keys.options.layoutName === "default"
    this.once = up && key === "{shift}"
    this.keys.setOptions({ layoutName: up ? "shift" : "default" })
  }

  write(words) {
    if (this.editor()) return this.editor().insert(words)
    if (this.field?.isConnected)
      this.change(this.field, (from, to, text) => [text.slice(0, from) + words + text.slice(to), from + words.length])
  }

  erase() {
    if (this.editor()) return this.editor().erase()
    if (this.field?.isConnected)
      this.change(this.field, (from, to, text) => [
        text.slice(0, from === to ? Math.max(0, from - 1) : from) + text.slice(to),
        from === to ? Math.max(0, from - 1) : from
      ])
  }

  // Fields for numbers and addresses do not tell where their caret is, and forget a number half typed:
  // there it is written at the end, and what it said is kept here.
  change(field, changed) {
    const blind = field.selectionStart === null
    const text = blind && this.typed?.field === field ? this.typed.text : field.value
    const [now, caret] = blind
      ? changed(text.length, text.length, text)
      : changed(field.selectionStart, field.selectionEnd, text)
    this.typed = { field, text: now }
    field.value = now
    if (!blind) field.setSelectionRange(caret, caret)
    field.dispatchEvent(new Event("input", { bubbles: true }))
  }

  enter() {
    if (this.editor() || this.field?.matches("textarea")) return this.write("\n")
    this.field?.dispatchEvent(new Event("change", { bubbles: true }))
    this.field?.form?.requestSubmit()
  }

  grab(event) {
    const { left, top } = this.frame.getBoundingClientRect()
    const [dx, dy] = [event.clientX - left, event.clientY - top]
    drag(event, { move: ({ clientX, clientY }) => this.settle([clientX - dx, clientY - dy]) })
  }

  // Where it was left, within the screen; at first in the middle, low.
  settle(place) {
    let kept
    try {
      kept = JSON.parse(localStorage.getItem(PLACE))
    } catch {
      /* the usual place */
    }
    const { offsetWidth, offsetHeight } = this.frame
    const [x, y] = place ?? kept ?? [(innerWidth - offsetWidth) / 2, innerHeight - offsetHeight - 12]
    const now = [
      Math.max(0, Math.min(x, innerWidth - offsetWidth)),
      Math.max(0, Math.min(y, innerHeight - offsetHeight))
    ]
    Object.assign(this.frame.style, { left: `${now[0]}px`, top: `${now[1]}px` })
    if (place) localStorage.setItem(PLACE, JSON.stringify(now))
  }
}
