// What a spotlight and a magnifier share: something round or square over the page that is dragged, resized at its
// rim, and moved and resized by keys. It lies over the page and changes nothing on it. Page units.
const SVG = "http://www.w3.org/2000/svg"
const STEP = 30

export class Glass {
  constructor(board, name) {
    Object.assign(this, { board, name, on: false })
    this.layer = document.getElementById("glass")
    board.camera.watch(() => this.on && this.follow())
  }

  toggle() {
    this.on = !this.on
    this.board.store[this.name] = this.on
    this.group?.remove()
    if (this.on) this.begin()
    this.changed()
  }

  begin() {
    const { clientWidth, clientHeight } = this.board.stage, { x, y, scale } = this.board.camera.view
    this.at = [x + clientWidth / 2 / scale, y + clientHeight / 2 / scale]
    this.group = this.layer.appendChild(this.make("g", { "data-over-stage": "", tabindex: 0, role: "application", "aria-label": this.words, class: "glass" }))
    this.build(this.group)
    for (const part of this.group.querySelectorAll("[data-part]")) part.addEventListener("pointerdown", event => this.grab(event, part.dataset.part))
    this.group.addEventListener("keydown", event => this.key(event))
    this.follow()
    this.draw()
    this.group.focus()
  }

  // The layer shows the same part of the page as the page itself.
  follow() {
    const { x, y, scale } = this.board.camera.view
    this.layer.setAttribute("viewBox", `${x} ${y} ${this.board.stage.clientWidth / scale} ${this.board.stage.clientHeight / scale}`)
  }

  grab(event, part) {
    event.preventDefault()
    event.stopPropagation()
    event.target.setPointerCapture(event.pointerId)
    let [lastX, lastY] = this.board.camera.toPage(event.clientX, event.clientY)
    const move = ({ clientX, clientY }) => {
      const [x, y] = this.board.camera.toPage(clientX, clientY)
      part === "rim" ? this.resize(x, y) : this.at = [this.at[0] + x - lastX, this.at[1] + y - lastY];
      [lastX, lastY] = [x, y]
      this.draw()
      this.changed()
    }
    event.target.addEventListener("pointermove", move)
    for (const end of ["pointerup", "pointercancel"]) event.target.addEventListener(end, () => event.target.removeEventListener("pointermove", move), { once: true })
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
    if (!this.on) return this.board.stage.focus()
    this.draw()
    this.changed()
  }

  make(name, attributes = {}) {
    const element = document.createElementNS(SVG, name)
    this.put(element, attributes)
    return element
  }

  put(element, attributes) { for (const [name, value] of Object.entries(attributes)) element.setAttribute(name, value) }

  changed() {}
}
