// Lanes on a page: whoever writes in one writes with its pen or its eraser, and stays in it. Each has a small puck of its
// own at its foot.
import { LaneMirror } from "board/teaching/lane_mirror"
import { ERASER, OwnTools, STROKE_WIDTH } from "board/teaching/own_tools"

const PENS = ["#231a1e", "#1e6079", "#b3411d", "#1d7758"]
const NAMES = { "#231a1e": "Black", "#1e6079": "Blue", "#b3411d": "Red", "#1d7758": "Green" }

export default class Lanes extends OwnTools {
  constructor(parts) {
    super(parts)
    const { surface } = this
    this.place = surface.stage.appendChild(document.createElement("div"))
    Object.assign(this.place, { className: "lanes", hidden: true })
    this.place.dataset.overStage = ""
    this.place.addEventListener("click", ({ target }) => this.press(target.closest("button")))
    surface.camera.watch(() => this.lay())
    surface.events.on("turned", () => this.lay())
  }

  // element: says which page is split, and how; nothing once the lanes are put away.
  look(element) {
    const facts = element && JSON.parse(element.dataset.lanes)
    if (JSON.stringify(facts) === JSON.stringify(this.facts)) return
    this.facts = facts
    this.stand(Boolean(facts))
    this.chosen = facts?.strips.map((_, lane) => PENS[lane % PENS.length])
    this.build()
  }

  get here() {
    return this.facts?.page === this.surface.page
  }

  build() {
    this.pucks = (this.facts?.strips ?? []).map((_, lane) => {
      const puck = document.createElement("div")
      puck.className = "lane-puck"
      puck.setAttribute("role", "group")
      puck.setAttribute("aria-label", this.facts.names[lane])
      for (const colour of PENS) puck.append(this.button(lane, colour, `${NAMES[colour]} pen`))
      puck.append(this.button(lane, "eraser", "Eraser"))
      return puck
    })
    this.mirrors?.forEach(mirror => mirror.remove())
    const { strips = [], half } = this.facts ?? {}
    this.mirrors = half ? strips.map(strip => new LaneMirror(this.surface, strip, half)) : []
    this.place.replaceChildren(...this.mirrors.map(({ element }) => element), ...this.pucks)
    this.mark()
    this.lay()
  }

  button(lane, pen, label) {
    const button = Object.assign(document.createElement("button"), { type: "button", className: "lane-pen" })
    Object.assign(button.dataset, { lane, pen })
    button.setAttribute("aria-label", `${this.facts.names[lane]}: ${label}`)
    button.title = label
    const dot = document.createElement("i")
    dot.style.background = pen === "eraser" ? "" : pen
    button.append(dot)
    return button
  }

  press(button) {
    if (!button) return
    this.chosen[button.dataset.lane] = button.dataset.pen
    this.mark()
  }

  mark() {
    for (const button of this.place.querySelectorAll("button"))
      button.setAttribute("aria-pressed", this.chosen[button.dataset.lane] === button.dataset.pen)
  }

  // At the foot of each lane, as the camera shows it.
  lay() {
    this.place.hidden = !this.here
    if (!this.here) return
    const { camera } = this.surface
    this.facts.strips.forEach(([left, right], lane) => {
      const [from] = camera.toScreen(left, 0),
        [to] = camera.toScreen(right, 0)
      Object.assign(this.pucks[lane].style, { left: `${from}px`, width: `${to - from}px` })
    })
    this.mirrors.forEach(mirror => mirror.lay())
  }

  // A hand that comes down in a lane. Answers whether the lane says what it does.
  equip(contact) {
    if (!this.here || !this.meant) return false
    const lane = this.facts.strips.findIndex(([left, right]) => contact.page[0] >= left && contact.page[0] < right)
    if (lane < 0) return false
    const pen = this.chosen[lane],
      [left, right] = this.facts.strips[lane],
      margin = pen === "eraser" ? ERASER : STROKE_WIDTH
    const across = ([x, y]) => [Math.min(right - margin, Math.max(left + margin, x)), y]
    const mirror = this.mirrors[lane]
    contact.bound = mirror ? place => mirror.reach(across(place)) : across
    return this.give(contact, pen)
  }
}
