// Cropping: the whole picture comes into sight, what is outside the edge is dimmed. The core decides what
// is left of it.
import { boxOf } from "surface/view"
import { bar } from "media/sheet"
import { Part } from "surface/part"
import { drag } from "surface/drag"
import { rotate } from "surface/geometry"
import { make, put } from "surface/svg"

const SIDES = {
  nw: [1, 1, 0, 0],
  n: [0, 1, 0, 0],
  ne: [0, 1, 1, 0],
  e: [0, 0, 1, 0],
  se: [0, 0, 1, 1],
  s: [0, 0, 0, 1],
  sw: [1, 0, 0, 1],
  w: [1, 0, 0, 0]
}
const LEAST = 0.03

export default class Crop extends Part {
  static needs = ["choice", "sheet", "surface"]

  constructor(parts) {
    super(parts)
    this.surface.camera.watch(() => this.draw())
  }

  begin() {
    const [element] = this.choice.elements()
    if (!element?.dataset.crop) return
    this.end()
    this.id = element.dataset.item
    this.part = element.dataset.crop.split(" ").map(Number) // left, top, width, height in shares of the whole
    const { x, y, width, height, angle } = boxOf(element),
      [left, top, wide, high] = this.part
    this.whole = {
      x: x - (left * width) / wide,
      y: y - (top * height) / high,
      width: width / wide,
      height: height / high
    }
    this.turn = [angle, x + width / 2, y + height / 2]
    this.choice.clear()
    this.sheet.shut()
    this.group = make("g")
    this.group.dataset.overStage = ""
    this.group.setAttribute("tabindex", 0)
    this.group.setAttribute("role", "application")
    this.group.setAttribute(
      "aria-label",
      "Crop. Arrows move the edge, with Shift they make it smaller or larger, Enter keeps it, Escape calls it off."
    )
    this.group.dataset.ownKeys = ""
    this.image = this.make("image", { href: `/pictures/${element.dataset.picture}`, preserveAspectRatio: "none" })
    this.shade = this.make("path", { class: "crop-shade" })
    this.edge = this.make("rect", { class: "crop-edge" })
    this.handles = Object.fromEntries(
      Object.keys(SIDES).map(name => [name, this.make("circle", { class: "crop-handle", r: 13 })])
    )
    this.edge.addEventListener("pointerdown", event => this.grab(event, [1, 1, 0, 0], true))
    for (const [name, handle] of Object.entries(this.handles))
      handle.addEventListener("pointerdown", event => this.grab(event, SIDES[name]))
    this.group.addEventListener("keydown", event => this.key(event))
    this.choice.layer.append(this.group)
    this.choice.layer.classList.add("is-cropping")
    this.bar = bar("crop")
    this.bar.addEventListener("click", ({ target }) => {
      if (target.matches("[data-keep]")) this.keep()
      if (target.matches("[data-all]")) {
        this.part = [0, 0, 1, 1]
        this.keep()
      }
      if (target.matches("[data-shut]")) this.end()
    })
    this.surface.stage.append(this.bar)
    this.draw()
    this.group.focus()
  }

  make(name, values) {
    return this.group.appendChild(make(name, values))
  }

  // Pulls sides (left, top, right, bottom: 1 where it follows) by the hand's way, or moves the whole edge.
  grab(event, [left, top, right, bottom], whole = false) {
    event.stopPropagation()
    event.preventDefault()
    const from = this.toShares(event),
      was = [...this.part]
    drag(event, {
      move: moved => {
        const [dx, dy] = this.toShares(moved).map((n, axis) => n - from[axis])
        this.pull(was, whole ? [dx, dy, dx, dy] : [left * dx, top * dy, right * dx, bottom * dy], whole)
      }
    })
  }

  pull([x, y, width, height], [left, top, right, bottom], whole = false) {
    if (whole) {
      this.part = [
        Math.min(1 - width, Math.max(0, x + left)),
        Math.min(1 - height, Math.max(0, y + top)),
        width,
        height
      ]
    } else {
      const l = Math.min(x + width - LEAST, Math.max(0, x + left)),
        t = Math.min(y + height - LEAST, Math.max(0, y + top))
      const r = Math.max(l + LEAST, Math.min(1, x + width + right)),
        b = Math.max(t + LEAST, Math.min(1, y + height + bottom))
      this.part = [l, t, r - l, b - t]
    }
    this.draw()
  }

  // Where a hand is, in shares of the whole picture.
  toShares({ clientX, clientY }) {
    const [px, py] = this.surface.camera.toPage(clientX, clientY),
      [angle, cx, cy] = this.turn
    const [dx, dy] = rotate([px - cx, py - cy], -angle)
    return [(cx + dx - this.whole.x) / this.whole.width, (cy + dy - this.whole.y) / this.whole.height]
  }

  key(event) {
    const step = { ArrowLeft: [-0.02, 0], ArrowRight: [0.02, 0], ArrowUp: [0, -0.02], ArrowDown: [0, 0.02] }[event.key]
    if (step) this.pull(this.part, event.shiftKey ? [0, 0, ...step] : [...step, ...step], !event.shiftKey)
    else if (event.key === "Enter") this.keep()
    else if (event.key === "Escape") this.end()
    else return
    event.preventDefault()
    event.stopPropagation()
  }

  draw() {
    if (!this.group) return
    const { scale } = this.surface.camera.view,
      [left, top] = this.surface.camera.toScreen(this.whole.x, this.whole.y)
    const [cx, cy] = this.surface.camera.toScreen(this.turn[1], this.turn[2]),
      [w, h] = [this.whole.width * scale, this.whole.height * scale]
    const box = {
      x: left + this.part[0] * w,
      y: top + this.part[1] * h,
      width: this.part[2] * w,
      height: this.part[3] * h
    }
    this.group.setAttribute("transform", `rotate(${this.turn[0]} ${cx} ${cy})`)
    put(this.image, { x: left, y: top, width: w, height: h })
    put(this.edge, box)
    this.shade.setAttribute(
      "d",
      `M${left} ${top}h${w}v${h}h${-w}ZM${box.x} ${box.y}h${box.width}v${box.height}h${-box.width}Z`
    )
    for (const [name, [l, t, r, b]] of Object.entries(SIDES))
      put(this.handles[name], {
        cx: box.x + box.width * (l ? 0 : r ? 1 : 0.5),
        cy: box.y + box.height * (t ? 0 : b ? 1 : 0.5)
      })
    const { clientHeight } = this.surface.stage
    Object.assign(this.bar.style, {
      left: `${this.surface.camera.beside(left + w / 2 - this.bar.offsetWidth / 2, this.bar.offsetWidth)}px`,
      top: `${Math.max(8, Math.min(clientHeight - this.bar.offsetHeight - 12, top + h + 18))}px`
    })
  }

  async keep() {
    const { id, part } = this
    this.end()
    this.surface.do({ verb: "crop", id, to: part.map(share => Math.round(share * 1e5) / 1e5) })
    await this.choice.whenKept(id)
  }

  end() {
    this.group?.remove()
    this.bar?.remove()
    this.choice.layer.classList.remove("is-cropping")
    this.group = this.bar = null
    this.surface.stage.focus()
  }
}
