// What a spotlight and a magnifier share: something round or square over the page that is dragged, resized at its
// rim, and moved and resized by keys. It lies over the page and changes nothing on it. Page units.
import { Part } from "surface/part"
import { drag } from "surface/drag"
import { make } from "surface/svg"

const STEP = 30

export class Glass extends Part {
  static needs = ["state", "surface"]

  constructor(parts, name) {
    super(parts)
    Object.assign(this, { name, on: false })
    this.layer = document.getElementById("glass")
    this.surface.camera.watch(() => this.on && this.follow())
    this.surface.events.on("turning", () => this.on && this.toggle())
    this.fingers = new Map()
  }

  toggle() {
    this.on = !this.on
    this.state[this.name] = this.on
    this.group?.remove()
    if (this.on) this.begin()
    this.changed()
  }

  begin() {
    const { clientWidth, clientHeight } = this.surface.stage,
      { x, y, scale } = this.surface.camera.view
    this.at = [x + clientWidth / 2 / scale, y + clientHeight / 2 / scale]
    this.group = this.layer.appendChild(
      make("g", { "data-over-stage": "", tabindex: 0, role: "application", "aria-label": this.words, class: "glass" })
    )
    this.build(this.group)
    for (const part of this.group.querySelectorAll("[data-part]"))
      part.addEventListener("pointerdown", event => this.grab(event, part.dataset.part))
    this.group.addEventListener("keydown", event => this.key(event))
    this.follow()
    this.draw()
    this.group.focus()
  }

  // The layer shows the same part of the page as the page itself.
  follow() {
    const { x, y, scale } = this.surface.camera.view
    this.layer.setAttribute(
      "viewBox",
      `${x} ${y} ${this.surface.stage.clientWidth / scale} ${this.surface.stage.clientHeight / scale}`
    )
  }

  grab(event, part) {
    event.preventDefault()
    event.stopPropagation()
    const { pointerId } = event,
      { fingers } = this
    let [lastX, lastY] = this.surface.camera.toPage(event.clientX, event.clientY)
    fingers.set(pointerId, [lastX, lastY])
    const lift = () => fingers.delete(pointerId)
    drag(event, {
      end: lift,
      cancel: lift,
      move: ({ clientX, clientY }) => {
        const [x, y] = this.surface.camera.toPage(clientX, clientY)
        const gap = this.gap()
        fingers.set(pointerId, [x, y])
        if (fingers.size === 2) gap && this.grow(this.gap() / gap)
        else if (part === "rim") this.resize(x, y)
        else this.at = [this.at[0] + x - lastX, this.at[1] + y - lastY]
        lastX = x
        lastY = y
        this.draw()
        this.changed()
      }
    })
  }

  // How far two fingers on it are apart, in page units.
  gap() {
    const [a, b = a] = this.fingers.values()
    return Math.hypot(a[0] - b[0], a[1] - b[1])
  }

  key(event) {
    const way = { ArrowLeft: [-STEP, 0], ArrowRight: [STEP, 0], ArrowUp: [0, -STEP], ArrowDown: [0, STEP] }[event.key]
    const grow = { "+": 1.1, "=": 1.1, "-": 1 / 1.1 }[event.key]
    if (event.key === "Escape") this.toggle()
    else if (way) this.at = this.at.map((value, axis) => value + way[axis])
    else if (grow) this.grow(grow)
    else if (!this.press?.(event.key)) return
    event.preventDefault()
    event.stopPropagation()
    if (!this.on) return this.surface.stage.focus()
    this.draw()
    this.changed()
  }

  changed() {}
}
