// The prompt book beside the page: its cues in order, and what can be prepared with what is chosen. Ruby says which
// operation a button means (data-operation); the order is dragged, or changed by Alt and an arrow.
import { send } from "shared/net"
import { unpressed } from "shared/pressed"
import { say } from "shared/say"
import { styled } from "shared/styled"
import { drag } from "surface/drag"
import { Part } from "surface/part"

const TRIED = 2600 // ms for which a cue that is tried out is seen
const GAP = 16 // CSS pixels beside the panel
const WAITS = 140 // ms, so that a row of changes asks once
const RESTS = 250 // ms that a finger rests on a row before it drags: until then it scrolls
const SHAKY = 8 // CSS pixels

export default class PromptBook extends Part {
  static needs = ["choice", "surface"]

  constructor(parts) {
    super(parts)
    this.panel = document.getElementById("prompt-book")
    this.body = this.panel.querySelector("[data-prompt-body]")
    this.panel.addEventListener("click", event => this.press(event.target))
    this.panel.addEventListener("change", ({ target }) => target.dataset.set && this.fill(target))
    this.panel.addEventListener("pointerdown", event => this.grab(event))
    this.panel.addEventListener("keydown", event => this.key(event))
    const { events } = this.surface
    for (const change of ["chosen", "turned", "patched", "replanned"]) events.on(change, () => this.stale())
  }

  async toggle() {
    if (!this.panel.hidden) return this.shut()
    await styled("cues")
    this.panel.hidden = false
    this.surface.camera.makeRoom(this.panel.offsetWidth + GAP)
    await this.load()
    this.panel.querySelector("[data-shut]").focus({ preventScroll: true })
  }

  shut() {
    this.panel.hidden = true
    this.surface.camera.makeRoom(0)
    this.surface.stage.focus()
  }

  stale() {
    if (this.panel.hidden || this.held) return
    clearTimeout(this.timer)
    this.timer = setTimeout(() => this.load(), WAITS)
  }

  async load() {
    await this.surface.settled()
    const { page } = this.surface,
      ids = this.choice.ids().slice(0, 2)
    const asked = (this.asked = new URLSearchParams(ids.map(id => ["ids[]", id])).toString())
    const response = await fetch(`/pages/${page}/cues?${asked}`).catch(() => null)
    const html = response?.ok && (await response.text().catch(() => null)) // whole, before it is asked whether a hand holds one
    if (!html) return
    const current = () => asked === this.asked && page === this.surface.page && !this.held
    unpressed(this.body, () => current() && this.lay(html))
  }

  lay(html) {
    const focused = document.activeElement?.closest("[data-cue-row]")?.dataset.cueRow
    const more = [...this.body.querySelectorAll("[data-cue-more][open]")].map(({ dataset }) => dataset.cueMore)
    window.htmx.swap(this.body, html, { swapStyle: "innerHTML" })
    for (const id of more) this.body.querySelector(`[data-cue-more="${id}"]`)?.setAttribute("open", "")
    if (focused) this.row(focused)?.focus()
  }

  row(cue) {
    return this.body.querySelector(`[data-cue-row="${cue}"]`)
  }
  get rows() {
    return [...this.body.querySelectorAll("[data-cue-row]")]
  }

  press(target) {
    const button = target.closest("button")
    if (!button) return
    if (button.matches("[data-shut]")) return this.shut()
    if (button.dataset.try) return this.try(button.dataset.try)
    const operation = button.matches("[data-turn-add]")
      ? this.body.querySelector("[data-turn]").value
      : button.dataset.operation
    if (operation) this.do(JSON.parse(operation))
  }

  do(operation) {
    this.surface.do(operation)
    this.stale()
  }

  fill(field) {
    const { cue, set, per } = field.dataset
    const value = field.type === "number" ? field.valueAsNumber / Number(per) : field.value
    if (Number.isNaN(value)) return
    this.do({ verb: "cue", put: { ...JSON.parse(cue), [set]: value } })
  }

  // Shows what it does, and then how things are.
  async try(cue) {
    const { surface } = this
    try {
      await surface.settled()
      const { put, words, asks } = await send("GET", `/pages/${surface.page}/cues/${cue}`)
      if (put.length) {
        surface.view.apply({ put, gone: [] })
        clearTimeout(this.trying)
        this.trying = setTimeout(() => surface.afresh(), TRIED)
      }
      say(Object.keys(asks).length ? `${words}: that happens in class.` : `${words}. The page stays as it is.`)
    } catch (error) {
      say(error.message)
    }
  }

  // Drags a row to its new place; the others step aside.
  grab(event) {
    const row = event.target.closest("[data-cue-row]")
    if (!row || event.target.closest("button, input, select, textarea, summary")) return
    const from = this.rows.indexOf(row)
    event.preventDefault()
    this.held = true
    drag(event, {
      threshold: SHAKY,
      hold: RESTS,
      capture: null, // a row that is moved in the document would lose it
      begin: () => row.classList.add("is-held"),
      move: ({ clientY }) => {
        const other = this.rows.find(one => one !== row && between(one, clientY))
        if (other) this.rows.indexOf(other) < this.rows.indexOf(row) ? other.before(row) : other.after(row)
      },
      end: () => this.drop(row, from),
      cancel: () => this.drop(row, null)
    })
  }

  drop(row, from) {
    row.classList.remove("is-held")
    this.held = false
    const at = this.rows.indexOf(row)
    if (from !== null && at !== from) return this.do({ verb: "cue", move: row.dataset.cueRow, at })
    this.stale()
  }

  key(event) {
    if (event.key === "Escape") {
      event.stopPropagation()
      return this.shut()
    }
    const row = event.target.closest("[data-cue-row]"),
      step = { ArrowUp: -1, ArrowDown: 1 }[event.key]
    if (event.target !== row || !step) return
    event.preventDefault()
    const at = this.rows.indexOf(row) + step
    if (!event.altKey) return this.rows[at]?.focus()
    if (at >= 0 && at < this.rows.length) this.do({ verb: "cue", move: row.dataset.cueRow, at })
  }
}

const between = (row, y) => {
  const { top, bottom } = row.getBoundingClientRect()
  return y > top && y < bottom
}
