// Cropping: the whole picture comes into sight, what is outside the edge is dimmed. The core decides what
// is left of it.
import { boxOf } from "shared/page_view"

const SVG = "http://www.w3.org/2000/svg"
const SIDES = { nw: [1, 1, 0, 0], n: [0, 1, 0, 0], ne: [0, 1, 1, 0], e: [0, 0, 1, 0], se: [0, 0, 1, 1], s: [0, 0, 0, 1], sw: [1, 0, 0, 1], w: [1, 0, 0, 0] }
const LEAST = 0.03

export default class Crop {
  constructor(board) {
    this.board = board
    board.camera.watch(() => this.draw())
  }

  begin() {
    const { board } = this, [element] = board.choice.elements()
    if (!element?.dataset.crop) return
    this.end()
    this.id = element.dataset.item
    this.part = element.dataset.crop.split(" ").map(Number) // left, top, width, height in shares of the whole
    const { x, y, width, height, angle } = boxOf(element), [left, top, wide, high] = this.part
    this.whole = { x: x - left * width / wide, y: y - top * height / high, width: width / wide, height: height / high }
    this.turn = [angle, x + width / 2, y + height / 2]
    board.choice.clear()
    board.chosen.shut()
    this.group = document.createElementNS(SVG, "g")
    this.group.dataset.overStage = ""
    this.group.setAttribute("tabindex", 0)
    this.group.setAttribute("role", "application")
    this.group.setAttribute("aria-label", "Crop. Arrows move the edge, with Shift they make it smaller or larger, Enter keeps it, Escape calls it off.")
    this.group.dataset.ownKeys = ""
    this.image = this.make("image", { href: `/pictures/${element.dataset.picture}`, preserveAspectRatio: "none" })
    this.shade = this.make("path", { class: "crop-shade" })
    this.edge = this.make("rect", { class: "crop-edge" })
    this.handles = Object.fromEntries(Object.keys(SIDES).map(name => [name, this.make("circle", { class: "crop-handle", r: 13 })]))
    this.edge.addEventListener("pointerdown", event => this.grab(event, [1, 1, 0, 0], true))
    for (const [name, handle] of Object.entries(this.handles)) handle.addEventListener("pointerdown", event => this.grab(event, SIDES[name]))
    this.group.addEventListener("keydown", event => this.key(event))
    board.choice.layer.append(this.group)
    board.choice.layer.classList.add("is-cropping")
    this.bar = Object.assign(document.createElement("div"), { className: "live-bar", innerHTML: `<button type="button" data-keep>Keep this part</button><button type="button" data-all>Whole picture</button><button type="button" data-shut>Cancel</button>` })
    this.bar.dataset.overStage = ""
    this.bar.addEventListener("click", ({ target }) => {
      if (target.matches("[data-keep]")) this.keep()
      if (target.matches("[data-all]")) { this.part = [0, 0, 1, 1]; this.keep() }
      if (target.matches("[data-shut]")) this.end()
    })
    board.stage.append(this.bar)
    this.draw()
    this.group.focus()
  }

  make(name, values) {
    const element = document.createElementNS(SVG, name)
    for (const [key, value] of Object.entries(values)) element.setAttribute(key, value)
    return this.group.appendChild(element)
  }

  // Pulls sides (left, top, right, bottom: 1 where it follows) by the hand's way, or moves the whole edge.
  grab(event, [left, top, right, bottom], whole = false) {
    event.stopPropagation()
    event.preventDefault()
    const target = event.target, from = this.toShares(event), was = [...this.part]
    target.setPointerCapture(event.pointerId)
    const move = moved => {
      const [dx, dy] = this.toShares(moved).map((n, axis) => n - from[axis])
      this.pull(was, whole ? [dx, dy, dx, dy] : [left * dx, top * dy, right * dx, bottom * dy], whole)
    }
    target.addEventListener("pointermove", move)
    target.addEventListener("lostpointercapture", () => target.removeEventListener("pointermove", move), { once: true })
  }

  pull([x, y, width, height], [left, top, right, bottom], whole = false) {
    if (whole) {
      this.part = [Math.min(1 - width, Math.max(0, x + left)), Math.min(1 - height, Math.max(0, y + top)), width, height]
    } else {
      const l = Math.min(x + width - LEAST, Math.max(0, x + left)), t = Math.min(y + height - LEAST, Math.max(0, y + top))
      const r = Math.max(l + LEAST, Math.min(1, x + width + right)), b = Math.max(t + LEAST, Math.min(1, y + height + bottom))
      this.part = [l, t, r - l, b - t]
    }
    this.draw()
  }

  // Where a hand is, in shares of the whole picture.
  toShares({ clientX, clientY }) {
    const [px, py] = this.board.camera.toPage(clientX, clientY), [angle, cx, cy] = this.turn, a = -angle * Math.PI / 180
    const x = cx + (px - cx) * Math.cos(a) - (py - cy) * Math.sin(a), y = cy + (px - cx) * Math.sin(a) + (py - cy) * Math.cos(a)
    return [(x - this.whole.x) / this.whole.width, (y - this.whole.y) / this.whole.height]
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
    const { scale } = this.board.camera.view, [left, top] = this.board.camera.toScreen(this.whole.x, this.whole.y)
    const [cx, cy] = this.board.camera.toScreen(this.turn[1], this.turn[2]), [w, h] = [this.whole.width * scale, this.whole.height * scale]
    const box = { x: left + this.part[0] * w, y: top + this.part[1] * h, width: this.part[2] * w, height: this.part[3] * h }
    const set = (element, values) => { for (const [name, value] of Object.entries(values)) element.setAttribute(name, value) }
    this.group.setAttribute("transform", `rotate(${this.turn[0]} ${cx} ${cy})`)
    set(this.image, { x: left, y: top, width: w, height: h })
    set(this.edge, box)
    this.shade.setAttribute("d", `M${left} ${top}h${w}v${h}h${-w}ZM${box.x} ${box.y}h${box.width}v${box.height}h${-box.width}Z`)
    for (const [name, [l, t, r, b]] of Object.entries(SIDES)) set(this.handles[name], { cx: box.x + box.width * (l ? 0 : r ? 1 : 0.5), cy: box.y + box.height * (t ? 0 : b ? 1 : 0.5) })
    const { clientHeight } = this.board.stage
    Object.assign(this.bar.style, { left: `${this.board.camera.beside(left + w / 2 - this.bar.offsetWidth / 2, this.bar.offsetWidth)}px`, top: `${Math.max(8, Math.min(clientHeight - this.bar.offsetHeight - 12, top + h + 18))}px` })
  }

  async keep() {
    const { id, part, board } = this
    this.end()
    board.do({ verb: "crop", id, to: part.map(share => Math.round(share * 1e5) / 1e5) })
    await board.chooseKept(id)
  }

  end() {
    this.group?.remove()
    this.bar?.remove()
    this.board.choice.layer.classList.remove("is-cropping")
    this.group = this.bar = null
    this.board.stage.focus()
  }
}
