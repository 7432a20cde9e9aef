// A spotlight: everything but what it shows is dimmed, on the devices too.
import { Glass } from "board/glass/glass"
import { make, put } from "surface/svg"
import { outline } from "surface/outline"

const FAR = 20_000
const EVERY = 60 // ms between two tellings
const RESTS = 250 // ms after which it lies still

export default class Spotlight extends Glass {
  static needs = [...Glass.needs, "recorder"]

  constructor(parts) {
    super(parts, "spotlight")
    Object.assign(this, {
      words: "Spotlight. Arrows move it, plus and minus resize it, S makes it round or square, Escape takes it away.",
      size: [260, 200],
      round: true
    })
  }

  build(group) {
    this.dim = group.appendChild(make("path", { fill: "#1a060e", "fill-opacity": 0.97, "fill-rule": "evenodd" }))
    this.inner = group.appendChild(make("path", { fill: "transparent", "data-part": "inside", class: "glass-inside" }))
    this.rim = group.appendChild(make("path", { fill: "none", class: "glass-rim", "data-part": "rim" }))
    this.shape = group.appendChild(
      make("g", { class: "glass-button", role: "button", "aria-label": "Round or square" })
    )
    this.shape.append(
      make("circle", { r: 24, fill: "#e0a83a" }),
      make("path", {
        d: "M-11 -9H-1V1H-11ZM5 -3A6 6 0 1 1 4.9 -3Z",
        fill: "none",
        stroke: "#2c0b18",
        "stroke-width": 3,
        transform: "translate(1 3)"
      })
    )
    this.shape.addEventListener("pointerdown", event => {
      event.stopPropagation()
      this.press("s")
      this.draw()
      this.changed()
    })
  }

  resize(x, y) {
    const [dx, dy] = [Math.abs(x - this.at[0]), Math.abs(y - this.at[1])]
    const [w, h] = this.size,
      wide = dx / w > 0.5,
      high = dy / h > 0.5
    this.size = [wide || !high ? Math.max(50, dx) : w, high || !wide ? Math.max(50, dy) : h]
  }

  grow(factor) {
    this.size = this.size.map(side => Math.max(50, side * factor))
  }

  press(key) {
    if (key !== "s") return false
    this.round = !this.round
    return true
  }

  form() {
    return outline(this.at, this.size, this.round)
  }

  draw() {
    const form = this.form()
    put(this.dim, { d: `M${-FAR} ${-FAR}H${FAR}V${FAR}H${-FAR}Z${form}` })
    for (const part of [this.inner, this.rim]) put(part, { d: form })
    put(this.shape, {
      transform: `translate(${this.at[0] + this.size[0] * (this.round ? 0.72 : 1)} ${this.at[1] - this.size[1] * (this.round ? 0.72 : 1)})`
    })
  }

  get light() {
    return this.on ? { at: this.at.map(Math.round), size: this.size.map(Math.round), round: this.round } : {}
  }

  // A cue shines it at a place, or puts it out. Devices are told by the server.
  shine({ at, size, round }) {
    if (this.on !== Boolean(at)) this.toggle()
    if (!at) return
    Object.assign(this, { at, size, round })
    this.draw()
  }

  // A take shows where it came to rest.
  changed() {
    this.telling ??= setTimeout(() => {
      this.telling = null
      this.surface.live.perform("light", this.light)
    }, EVERY)
    clearTimeout(this.resting)
    if (this.recorder.on)
      this.resting = setTimeout(
        () => this.surface.live.perform("light", { ...this.light, ...this.recorder.during() }),
        this.on ? RESTS : 0
      )
  }
}
