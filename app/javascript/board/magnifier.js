// A magnifier: shows the page under it larger, and what is written there while it is written.
import { Glass } from "board/glass"

const FACTORS = [1.5, 2, 3, 4, 6]

export class Magnifier extends Glass {
  constructor(board) {
    super(board, "magnifier")
    Object.assign(this, { words: "Magnifier. Arrows move it, plus and minus resize it, M changes how much it magnifies, Escape takes it away.", reach: 190, factor: 2 })
  }

  build(group) {
    const clip = this.make("clipPath", { id: "magnifier-edge" })
    this.clip = clip.appendChild(this.make("circle"))
    this.ground = this.make("circle", { fill: "#fdfaf4" })
    const seen = this.make("g", { "clip-path": "url(#magnifier-edge)" })
    this.page = seen.appendChild(this.make("use", { href: "#page-content" }))
    this.inner = this.make("circle", { fill: "transparent", "data-part": "inside", class: "glass-inside" })
    this.rim = this.make("circle", { fill: "none", class: "glass-rim", "data-part": "rim" })
    this.button = this.make("g", { class: "glass-button", role: "button", "aria-label": "How much it magnifies" })
    this.word = this.make("text", { y: 9, "text-anchor": "middle", "font-size": 26, "font-weight": 700, fill: "#2c0b18" })
    this.button.append(this.make("circle", { r: 36, fill: "#e0a83a" }), this.word)
    this.button.addEventListener("pointerdown", event => { event.stopPropagation(); this.press("m"); this.draw() })
    group.append(clip, this.ground, seen, this.inner, this.rim, this.button)
  }

  resize(x, y) { this.reach = Math.max(70, Math.hypot(x - this.at[0], y - this.at[1])) }

  grow(factor) { this.reach = Math.max(70, this.reach * factor) }

  press(key) {
    if (key !== "m") return false
    this.factor = FACTORS[(FACTORS.indexOf(this.factor) + 1) % FACTORS.length]
    return true
  }

  draw() {
    const [x, y] = this.at, { reach, factor } = this
    for (const circle of [this.clip, this.ground, this.inner, this.rim]) this.put(circle, { cx: x, cy: y, r: reach })
    this.put(this.page, { transform: `translate(${x} ${y}) scale(${factor}) translate(${-x} ${-y})` })
    this.put(this.button, { transform: `translate(${x + reach * 0.75} ${y + reach * 0.75})` })
    this.word.textContent = `${factor}×`
  }
}
