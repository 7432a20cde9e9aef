// A magnifier: shows the page under it larger, and what is written there while it is written.
import { Glass } from "board/glass/glass"
import { make, put } from "surface/svg"

const FACTORS = [1.5, 2, 3, 4, 6]

export default class Magnifier extends Glass {
  constructor(parts) {
    super(parts, "magnifier")
    Object.assign(this, {
      words:
        "Magnifier. Arrows move it, plus and minus resize it, M changes how much it magnifies, Escape takes it away.",
      reach: 190,
      factor: 2
    })
  }

  build(group) {
    const clip = make("clipPath", { id: "magnifier-edge" })
    this.clip = clip.appendChild(make("circle"))
    this.ground = make("circle", { fill: "#fdfaf4" })
    const seen = make("g", { "clip-path": "url(#magnifier-edge)" })
    this.page = seen.appendChild(make("use", { href: "#page-content" }))
    this.inner = make("circle", { fill: "transparent", "data-part": "inside", class: "glass-inside" })
    this.rim = make("circle", { fill: "none", class: "glass-rim", "data-part": "rim" })
    this.button = make("g", { class: "glass-button", role: "button", "aria-label": "How much it magnifies" })
    this.word = make("text", { y: 9, "text-anchor": "middle", "font-size": 26, "font-weight": 700, fill: "#2c0b18" })
    this.button.append(make("circle", { r: 36, fill: "#e0a83a" }), this.word)
    this.button.addEventListener("pointerdown", event => {
      event.stopPropagation()
      this.press("m")
      this.draw()
    })
    group.append(clip, this.ground, seen, this.inner, this.rim, this.button)
  }

  resize(x, y) {
    this.reach = Math.max(70, Math.hypot(x - this.at[0], y - this.at[1]))
  }

  grow(factor) {
    this.reach = Math.max(70, this.reach * factor)
  }

  press(key) {
    if (key !== "m") return false
    this.factor = FACTORS[(FACTORS.indexOf(this.factor) + 1) % FACTORS.length]
    return true
  }

  draw() {
    const [x, y] = this.at,
      { reach, factor } = this
    for (const circle of [this.clip, this.ground, this.inner, this.rim]) put(circle, { cx: x, cy: y, r: reach })
    put(this.page, { transform: `translate(${x} ${y}) scale(${factor}) translate(${-x} ${-y})` })
    put(this.button, { transform: `translate(${x + reach * 0.75} ${y + reach * 0.75})` })
    this.word.textContent = `${factor}×`
  }
}
