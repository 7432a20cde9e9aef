// The sheet behind "More": everything that can be done with what is chosen, as Ruby offers it. Its
// buttons and fields say themselves what they do:
//   data-verb='{"verb":"flip","axis":"across"}'  done with all that is chosen
//   data-set='{"pinned":"place"}'                changed of each
//   data-number="x", data-value="value"          a field: a number of the frame, a value of each
//   data-runs="crop"                             a command (board/commands), given data-with
//   data-ask="path"                              a track along what is tapped next
import { send } from "shared/net"
import { unpressed } from "shared/pressed"
import { refill } from "shared/sheets"
import { Part } from "surface/part"

const WAITS = 140 // ms, so that a row of patches asks once

export class Sheet extends Part {
  static needs = ["asking", "choice", "commands", "surface"]

  constructor(parts) {
    super(parts)
    this.sheet = document.getElementById("chosen")
    if (!this.sheet) return
    this.body = this.sheet.querySelector("[data-chosen-body]")
    this.sheet.addEventListener("click", event => this.press(event))
    this.sheet.addEventListener("change", event => this.fill(event.target))
    this.sheet.addEventListener("keydown", event => {
      if (event.key === "Escape") {
        event.stopPropagation()
        this.shut()
      }
    })
    this.surface.events.on("chosen", () => this.show())
    this.surface.events.on("rechosen", () => this.changed())
  }

  get open() {
    return this.sheet && !this.sheet.hidden
  }

  toggle() {
    this.open ? this.shut() : this.unfold()
  }

  unfold() {
    this.sheet.hidden = false
    return this.load()
  }

  // By keys: the focus goes along.
  async enter() {
    await this.unfold()
    this.body.querySelector("button, input")?.focus()
  }

  // On the side of the page where what is chosen is not.
  side() {
    const { x, width } = this.choice.bounds()
    this.sheet.classList.toggle(
      "at-left",
      this.surface.camera.toScreen(x + width / 2, 0)[0] > this.surface.stage.clientWidth * 0.58
    )
  }

  shut() {
    this.sheet.hidden = true
    this.surface.stage.focus()
  }

  // Another choice: what is open shows that, or goes.
  show() {
    if (!this.open) return
    this.choice.size ? this.load() : this.shut()
  }

  changed() {
    if (!this.open) return
    clearTimeout(this.timer)
    this.timer = setTimeout(() => this.show(), WAITS)
  }

  async load() {
    const asked = (this.asked = this.choice.ids())
    this.side()
    await this.surface.settled()
    const answer = await send("POST", this.surface.here(`/pages/${this.surface.page}/choice`), { ids: asked }).catch(
      () => null
    )
    if (answer) unpressed(this.body, () => asked === this.asked && this.lay(answer.sheet))
  }

  lay(html) {
    refill(this.body, html)
  }

  press({ target }) {
    const button = target.closest("button")
    if (!button) return
    const { verb, set, ask, runs } = button.dataset
    if (button.matches("[data-shut]")) this.shut()
    if (verb) this.do(JSON.parse(verb))
    if (set) this.set(JSON.parse(set))
    if (runs) this.commands.run(runs, button.dataset.with ? JSON.parse(button.dataset.with) : {})
    if (ask) {
      const ids = this.choice.ids(),
        stops = Number(this.body.querySelector("[data-stops]")?.value) || 0
      this.sheet.hidden = true
      this.asking.ask(
        ask === "path" ? "Tap the line or shape it should move along." : "Tap the shape it should stay inside.",
        item => this.surface.do({ verb: "track", ids, kind: ask, path: item.dataset.item, stops })
      )
    }
  }

  fill(field) {
    const { number, value, kind, track } = field.dataset
    const typed = kind === "number" ? field.valueAsNumber : field.value
    if (kind === "number" && Number.isNaN(typed)) return
    if (number) this.do({ verb: "place", set: { [number]: typed } })
    if (value) this.set({ [value]: value === "pile" ? { limit: typed } : typed })
    if (track) this.do({ ...JSON.parse(track), stops: typed })
  }

  do(operation) {
    this.surface.do({ ...operation, ids: this.choice.ids() })
  }

  set(set) {
    this.surface.do({ verb: "change", changes: this.choice.ids().map(id => ({ id, set })) })
  }
}
