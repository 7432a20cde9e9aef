// The keyboard. Everything a hand can do on the board, keys can do: each tool and each command says its key.
import { Part } from "surface/part"
import { front } from "shared/sheets"

const ARROWS = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }
const NAMES = {
  Esc: "Escape",
  "Page Down": "PageDown",
  "Page Up": "PageUp",
  Left: "ArrowLeft",
  Right: "ArrowRight",
  Up: "ArrowUp",
  Down: "ArrowDown"
}
const OWN = "input, textarea, select, [data-player], [contenteditable=true], [data-own-keys]" // fields and players keep theirs
const ANYWHERE = /^([a-z?+=0-]|Escape|PageDown|PageUp)$/ // also when a button has the focus

// "Ctrl Shift Z, Ctrl Y" as [{ key, ctrl, alt, shift }, ...]; shift: undefined where it does not matter.
export const read = keys =>
  keys.split(", ").map(one => {
    const parts = one.split(" "),
      has = name => parts.includes(name)
    const name = parts.filter(part => !["Ctrl", "Alt", "Shift"].includes(part)).join(" ")
    const letter = name.length === 1 && name.toLowerCase() !== name.toUpperCase()
    return {
      key: NAMES[name] ?? (letter ? name.toLowerCase() : name),
      ctrl: has("Ctrl"),
      alt: has("Alt"),
      shift: has("Shift") || (letter && !has("Ctrl") ? undefined : false)
    }
  })

export class Keys extends Part {
  static needs = ["surface", "toolbox", "commands", "state"]

  constructor(parts) {
    super(parts)
    const { toolbox, commands } = this
    this.tools = Object.entries(toolbox.known)
      .filter(([, { key }]) => key)
      .map(([name, { key }]) => ({ name, keys: read(key) }))
    const known = Object.entries(commands.known)
      .filter(([, { key }]) => key)
      .map(([name, command]) => ({ name, command, keys: read(command.key) }))
    this.known = known.sort((a, b) => Boolean(a.command.last) - Boolean(b.command.last))
    document.addEventListener("keydown", event => {
      if (front() || event.target.closest(OWN) || event.isComposing) return
      if (this.press(event)) event.preventDefault()
    })
  }

  // Answers whether the key did anything.
  press(event) {
    const {
        commands,
        surface: { stage }
      } = this,
      onStage = event.target === stage || event.target === document.body
    if (event.key === "Tab" && event.target !== stage) return false
    if (!onStage && !event.ctrlKey && !event.metaKey && !ANYWHERE.test(lower(event.key))) return false
    const given = { shift: event.shiftKey, arrow: ARROWS[event.key] }
    for (const { name, command, keys } of this.known) {
      if (!keys.some(key => matches(key, event)) || !commands.fits(command) || !commands.can(command)) continue
      return commands.run(name, given) !== false
    }
    const tool = this.tools.find(({ name, keys }) => this.toolbox.offers(name) && keys.some(key => matches(key, event)))
    if (!tool) return false
    this.state.choose(tool.name)
    return true
  }
}

const lower = key => (key.length === 1 ? key.toLowerCase() : key)

export function matches({ key, ctrl, alt, shift }, event) {
  if (ctrl !== (event.ctrlKey || event.metaKey) || alt !== event.altKey) return false
  if (key === "Arrows") return Boolean(ARROWS[event.key]) && shift === event.shiftKey
  return lower(event.key) === key && (shift === undefined || shift === event.shiftKey || !/^[a-z]|Tab|Arrow/i.test(key))
}
