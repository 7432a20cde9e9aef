// Typing on the page, at the size and place the text will have, in the lines that Ruby breaks.
// The script (writing/script) is the text; what the browser would do to the document is done to the
// script instead, and the sheet (writing/sheet) is drawn anew.
import { newId } from "shared/ids"
import { send } from "shared/net"
import { say } from "shared/say"
import { boxOf } from "surface/view"
import { round } from "surface/geometry"
import { Script } from "board/writing/script"
import { Sheet } from "board/writing/sheet"
import { Lines } from "board/writing/lines"
import { FormatBar } from "board/writing/format_bar"
import { Part } from "surface/part"

const WORDS = {
  note: "Text of the sticky note",
  tile: "Text of the tile",
  callout: "Text of the speech bubble",
  text: "Text on the page"
}
const OWN_LOOKS = ["ground", "card"] // of some kinds
const BREAKS = ["insertParagraph", "insertLineBreak"]
// What a browser's own keys and menus ask for.
const FORMATS = {
  formatBold: "bold",
  formatItalic: "italic",
  formatUnderline: "underline",
  formatStrikeThrough: "strike"
}
const SHIFTS = { formatSuperscript: "super", formatSubscript: "sub" }
const KEYS = { b: "bold", i: "italic", u: "underline" }

export class Editor extends Part {
  static needs = ["choice", "facts", "keyboard", "surface"]

  constructor(parts) {
    super(parts)
    this.lines = new Lines((lines, height, values) => this.broken(lines, height, values))
    this.bar = new FormatBar(parts, this)
    this.surface.camera.watch(() => this.place())
    this.surface.events.on("finish", () => this.close())
    for (const part of document.querySelectorAll("[data-keeps-caret]"))
      part.addEventListener("pointerdown", event => this.open && event.preventDefault())
    // What was typed is kept before the board is left or put behind.
    document.addEventListener("visibilitychange", () => {
      if (document.hidden) this.close()
    })
  }

  get open() {
    return Boolean(this.area)
  }

  // A new one: { kind, x, y, width, size, ... } in page units.
  start(values) {
    this.close()
    this.edited = {
      align: values.kind === "tile" || values.kind === "callout" ? "middle" : "left",
      font: "read",
      bold: false,
      italic: false,
      ...values,
      id: newId(),
      fresh: true
    }
    this.show({})
  }

  // One that is there already.
  reopen(element) {
    if (!element?.dataset.written) return false
    this.close()
    this.choice.clear()
    const { text, marks, lists, ...looks } = JSON.parse(element.dataset.written)
    this.edited = { kind: element.dataset.kind, id: element.dataset.item, ...looks, ...boxOf(element), element }
    this.show({ text, marks, lists })
    // The ground and the tail stay to be seen; the words are drawn here meanwhile.
    element.querySelectorAll("text").forEach(words => words.setAttribute("visibility", "hidden"))
    return true
  }

  show(values) {
    const { kind, element } = this.edited
    this.script = new Script(values)
    this.was = this.script.text
    this.before = JSON.stringify({ ...this.script.values(), ...this.looks() })
    const area = document.createElement("div")
    Object.assign(area, {
      className: `typing typing-${kind}`,
      contentEditable: "true",
      spellcheck: true,
      role: "textbox",
      enterKeyHint: "enter"
    })
    area.setAttribute("role", "textbox")
    area.setAttribute("aria-multiline", "true")
    area.setAttribute("aria-label", WORDS[kind])
    area.dataset.overStage = ""
    if (!element && kind !== "text") area.dataset.bare = ""
    area.addEventListener("beforeinput", event => this.input(event))
    area.addEventListener("compositionend", () => this.composed())
    area.addEventListener("input", () => {
      if (!this.composing) this.composed()
    })
    area.addEventListener("compositionstart", () => {
      this.composing = true
    })
    area.addEventListener("paste", event => this.paste(event))
    for (const cut of ["copy", "cut"]) area.addEventListener(cut, event => this.copy(event))
    area.addEventListener("blur", event => this.left(event.relatedTarget))
    area.addEventListener("keydown", event => this.key(event))
    this.area = area
    this.wasFitted = this.surface.camera.fitted
    this.sheet = new Sheet(area)
    this.height = this.edited.height
    this.breaks = Lines.shifted([[0, this.script.length, null, false]], 0, 0, this.script)
    this.surface.stage.append(area)
    this.draw(this.script.length)
    this.bar.show()
    area.focus({ preventScroll: true })
    this.sheet.select(this.script.length)
    this.keyboard?.wanted(area)
  }

  // The focus went to something that belongs to typing, or the typing is over. Where it goes is not
  // always told at once.
  left(target, told = false) {
    if (!this.area || document.activeElement === this.area) return
    if (target?.closest("[data-own-keys]")) return this.hold()
    if (!target && !told) return setTimeout(() => this.left(document.activeElement, true))
    if (!this.held) this.close()
  }

  looks() {
    return Object.fromEntries(
      [...this.facts.looks, ...OWN_LOOKS]
        .filter(name => this.edited[name] !== undefined)
        .map(name => [name, this.edited[name]])
    )
  }

  // Everything Ruby needs to break the lines.
  question() {
    const { kind, width, room } = this.edited
    return { kind, width: round(room ?? width), ...this.looks(), ...this.script.values() }
  }

  broken(lines, height, values) {
    if (!this.area || JSON.stringify(values.text) !== JSON.stringify(this.script.text)) return
    this.height = this.edited.kind === "text" ? height : Math.max(height, this.edited.height ?? 0)
    const changed = JSON.stringify(lines) !== JSON.stringify(this.breaks)
    this.breaks = lines
    if (changed && !this.composing) this.draw()
    this.place()
  }

  // Draws the script; the caret goes to `caret`, or stays.
  draw(...caret) {
    const selected = caret.length ? caret : this.sheet.ends()
    this.sheet.draw(this.script, this.breaks)
    if (selected && (document.activeElement === this.area || caret.length)) this.sheet.select(...selected)
    this.place()
    this.lines.ask(this.question())
  }

  // ---- what is typed

  input(event) {
    const { inputType, data, dataTransfer } = event
    if (inputType.startsWith("insertComposition") || inputType === "insertFromComposition") return
    event.preventDefault()
    if (inputType === "historyUndo" || inputType === "historyRedo")
      return this.step(inputType === "historyUndo" ? "undo" : "redo")
    if (SHIFTS[inputType]) return this.shift(SHIFTS[inputType])
    if (FORMATS[inputType]) return this.mark(FORMATS[inputType])
    const range = event.getTargetRanges()[0]
    const [from, to] = range
      ? [
          this.sheet.offset(range.startContainer, range.startOffset),
          this.sheet.offset(range.endContainer, range.endOffset)
        ]
      : (this.sheet.selected() ?? [])
    if (from === undefined || from === null || to === null) return
    const words = BREAKS.includes(inputType)
      ? "\n"
      : inputType.startsWith("delete")
        ? ""
        : (data ?? dataTransfer?.getData("text/plain") ?? "")
    if (inputType.startsWith("delete") && from === to) return this.leaveList(from)
    if (words === "\n" && this.script.empty(this.script.paragraph(from)) && this.leaveList(from)) return
    // A line of the same entry, or a new entry of its list.
    const entry = this.script.entry(from)
    const lists = words === "\n" && entry !== "none" && [null, inputType === "insertLineBreak" ? "under" : entry]
    this.replace(from, to, words.replace(/\r\n?/g, "\n"), lists ? { lists } : undefined)
  }

  replace(from, to, words, values) {
    const was = this.script.length
    if (was - (to - from) + [...words].length > this.facts.longest) return this.full()
    const caret = this.script.splice(from, to, words, values)
    this.breaks = Lines.shifted(this.breaks, from, this.script.length - was, this.script)
    this.draw(caret)
  }

  // Nothing is cut off: what would not fit stays where it came from.
  full() {
    const most = this.facts.longest.toLocaleString("en")
    say(`One text holds ${most} letters. Close it (Esc) and paste on the page: it then goes on over more pages.`)
    this.draw()
  }

  // Backspace or Enter in an empty entry ends its list.
  leaveList(at) {
    const paragraph = this.script.paragraph(at)
    if (this.script.lists[paragraph] === "none") return false
    this.script.list(at, at, "none")
    this.draw()
    return true
  }

  // What a composing keyboard has written into the document, taken over as one change.
  composed() {
    this.composing = false
    if (!this.area) return
    const now = [...this.sheet.read()],
      was = this.script.chars
    let start = 0,
      end = 0
    while (start < now.length && start < was.length && now[start] === was[start]) start++
    while (
      end < now.length - start &&
      end < was.length - start &&
      now[now.length - 1 - end] === was[was.length - 1 - end]
    )
      end++
    if (now.length === was.length && start === now.length) return
    this.replace(start, was.length - end, now.slice(start, now.length - end).join(""))
  }

  // Words from elsewhere on the board: the symbols bank, the on-screen keyboard.
  insert(words) {
    const [from, to] = this.sheet.selected() ?? this.caret ?? [this.script.length, this.script.length]
    this.replace(from, to, words)
    this.caret = [from + [...words].length, from + [...words].length]
  }

  erase() {
    const [from, to] = this.sheet.selected() ?? [this.script.length, this.script.length]
    if (from === to && from === 0) return
    this.replace(from === to ? from - 1 : from, to, "")
  }

  async paste(event) {
    event.preventDefault()
    const html = event.clipboardData.getData("text/html"),
      plain = event.clipboardData.getData("text/plain").replace(/\r\n?/g, "\n")
    const [from, to] = this.sheet.selected() ?? [0, 0]
    if (!html) return this.replace(from, to, plain)
    try {
      const { text, marks, lists } = await send("POST", "/rich_text", { html })
      if (this.area) this.replace(from, to, text, { marks, lists })
    } catch (error) {
      plain && this.area ? this.replace(from, to, plain) : say(error.message)
    }
  }

  copy(event) {
    const [from, to] = this.sheet.selected() ?? [0, 0]
    if (from === to) return
    event.preventDefault()
    event.clipboardData.setData("text/plain", this.script.chars.slice(from, to).join(""))
    if (event.type === "cut") this.replace(from, to, "")
  }

  key(event) {
    event.stopPropagation()
    const { key, ctrlKey, metaKey, shiftKey } = event
    if (key === "Escape" || (key === "Enter" && (ctrlKey || metaKey))) {
      event.preventDefault()
      this.close()
      return this.surface.stage.focus()
    }
    if (key === "F10" && event.altKey) {
      event.preventDefault()
      return this.bar.focus()
    }
    if (!(ctrlKey || metaKey)) return
    const does =
      {
        z: () => this.step(shiftKey ? "redo" : "undo"),
        y: () => this.step("redo")
      }[key.toLowerCase()] ??
      (KEYS[key.toLowerCase()] && (() => this.mark(KEYS[key.toLowerCase()])))
    if (does) {
      event.preventDefault()
      does()
    }
  }

  step(way) {
    this.script[way]()
    this.breaks = Lines.shifted([[0, this.script.length, null, false]], 0, 0, this.script)
    this.draw(this.script.length)
  }

  // While the focus is elsewhere for a moment (symbols, layouts of keys) the typing is not over.
  hold() {
    if (!this.open) return
    this.caret = this.sheet.selected() ?? this.caret
    this.held = true
  }

  resume() {
    this.held = false
    if (!this.open) return
    this.area.focus({ preventScroll: true })
    if (this.caret) this.sheet.select(...this.caret)
  }

  // ---- looks, of what is selected or of the whole

  // What a whole text has no look for is a mark from its first letter to its last.
  mark(name, value) {
    let [from, to] = this.sheet.selected() ?? [0, 0]
    const caret = from === to ? [to] : [from, to]
    if (from === to && this.facts.looks.includes(name)) return this.change({ [name]: value ?? !this.edited[name] })
    if (from === to) [from, to] = [0, this.script.length]
    const now = this.script.look(from)[name] ?? this.edited[name]
    this.script.mark(from, to, { [name]: value ?? !now })
    this.draw(...caret)
    this.bar.refresh()
  }

  // Puts the selected letters above or below the line, or back on it.
  shift(value) {
    const [from, to] = this.sheet.selected() ?? [0, 0]
    if (from === to) return say("Select the letters first.")
    this.mark("shift", this.script.look(from).shift === value ? "none" : value)
  }

  // Makes the letters larger or smaller by this factor: the selected ones, or all.
  resize(factor) {
    const [from, to] = this.sheet.selected() ?? [0, 0]
    const clamp = (value, least, most) => Math.min(most, Math.max(least, value))
    if (to - from === 0 || to - from === this.script.length)
      return this.change({ size: clamp(Math.round(this.edited.size * factor), 8, 400) })
    this.mark("scale", clamp(round((this.script.look(from).scale ?? 1) * factor), 0.25, 4))
  }

  change(looks) {
    Object.assign(this.edited, looks)
    for (const name of ["colour", "font"]) if (name in looks) this.edited[`sign_${name}`] = null // a list's signs have it too
    this.draw()
    this.bar.refresh()
  }

  list(kind) {
    const [from, to] = this.sheet.selected() ?? [0, 0]
    this.script.list(from, to, this.script.kind(from) === kind ? "none" : kind)
    this.draw()
    this.bar.refresh()
  }

  // ---- on screen

  place() {
    const { area, edited } = this
    if (!area) return
    const { scale } = this.surface.camera.view
    const {
      kind,
      x,
      y,
      size,
      font,
      bold,
      italic,
      colour,
      align,
      angle,
      leading,
      gap,
      hang,
      tab,
      tracking,
      vertical,
      sign_colour,
      sign_size,
      sign_font
    } = edited
    const width = edited.room ?? edited.width,
      before = (width - edited.width) * this.share() // what of the room lies before the box
    const [left, top] = this.surface.camera.toScreen(x - before, y)
    const inset = this.facts.insets[kind],
      [across, down] = edited.padding ?? [inset, inset],
      height = Math.max(this.height || 0, size * 1.3)
    const middle = kind === "tile" || kind === "callout"
    Object.assign(area.style, {
      left: `${left}px`,
      top: `${top}px`,
      width: `${width}px`,
      minHeight: `${height}px`,
      padding: `${down}px ${across}px`,
      fontSize: `${size}px`,
      transform: `scale(${scale}) ${angle ? rotated(angle, before + edited.width / 2, height / 2) : ""}`,
      fontFamily: `var(--font-${font ?? "read"})`,
      fontWeight: bold ? 700 : 400,
      fontStyle: italic ? "italic" : "normal",
      color: colour ?? "",
      tabSize: `${(tab ?? 2) * size}px`,
      letterSpacing: tracking ? `${tracking * size}px` : "",
      alignContent: { top: "start", bottom: "end" }[vertical] ?? (middle ? "center" : "start"),
      textAlign: { middle: "center", right: "end" }[align] ?? "start",
      background: this.ground(height)
    })
    const own = {
      "--signs": sign_colour,
      "--sign-size": sign_size ?? 1,
      "--sign-font": sign_font && `var(--font-${sign_font})`,
      "--leading": leading,
      "--hang": hang && `${hang}em`,
      "--sign": hang && "start", // where a slide has said how far, its sign stands at the edge
      "--gap": gap && `${gap * size}px`
    }
    for (const name in own) area.style.setProperty(name, own[name] || "")
    this.bar.place()
  }

  // Where in its room a text lies: at 0 the left side stays when the words grow, at 1 the right one.
  share() {
    const { align } = this.edited,
      rightToLeft = Boolean(this.breaks?.[0]?.[3])
    if (align === "middle") return 0.5
    return (align === "right") === rightToLeft ? 0 : 1
  }

  // The colour behind the words, where the drawing on the page has none yet or is too small by now.
  ground(height) {
    const { kind, card, ground, height: drawn } = this.edited ?? {}
    if (kind === "text") return ground === "none" ? "" : (ground ?? "")
    return this.area?.dataset.bare !== undefined || height > drawn + 1 ? (card ?? "") : ""
  }

  // Keeps what was typed. Emptied text is taken off the page.
  close() {
    if (!this.area) return
    const { area, edited, script } = this
    const values = { ...script.values(), ...this.looks() }
    const text = script.text.replace(/\s+$/, "")
    this.area = this.edited = null
    this.bar.hide()
    this.keyboard?.left(area)
    if (this.wasFitted && !this.surface.camera.fitted) this.surface.camera.fit()
    const { element } = edited
    if (JSON.stringify(values) === this.before || (edited.fresh && !text)) {
      element?.querySelectorAll("text").forEach(words => words.removeAttribute("visibility"))
      return area.remove()
    }
    area.contentEditable = "false"
    area.classList.add("typed")
    this.surface.hold(edited.id, area)
    Object.assign(values, {
      text,
      lists: values.lists.slice(0, text.split("\n").length),
      marks: values.marks.filter(({ from }) => from < [...text].length)
    })
    if (edited.fresh) {
      const { id, kind, x, y, width, height } = edited
      this.surface.do({
        verb: "put",
        items: [
          {
            kind,
            id,
            x: round(x),
            y: round(y),
            width: round(width),
            ...(kind === "text" && { room: round(width) }),
            height: kind === "text" ? 0 : round(height ?? 0),
            ...values
          }
        ]
      })
    } else if (text === "" && edited.kind === "text") this.surface.do({ verb: "remove", ids: [edited.id] })
    else {
      const { kind, x, y, width, height } = edited,
        seen = { text: this.was }
      this.surface.do(
        { verb: "change", changes: [{ id: edited.id, set: values, seen }] },
        { ...this.surface.during(), item: { kind, x, y, width, height } }
      )
    }
  }
}

// Rotated about this point, from the top left corner.
const rotated = (angle, x, y) => `translate(${x}px, ${y}px) rotate(${angle}deg) translate(${-x}px, ${-y}px)`
