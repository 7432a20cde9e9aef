// Which part of the page and its wings is on screen. Page units on one side, CSS pixels on the other.
const CLOSEST = 12
const FURTHEST = 0.08
const TOOLS = 118 // CSS pixels of the tools alone
const NARROW = 1.4 // the room beside a page, in shares of what it takes

export class Camera {
  // page: { width, height } of the page that is shown.
  constructor(stage, svg, page) {
    Object.assign(this, { stage, svg, page })
    this.watchers = []
    this.view = { x: 0, y: 0, scale: 1 }
    this.fitted = true
    this.panel = 0
    // A browser that brings a caret into view by scrolling moves the page instead.
    stage.addEventListener("scroll", () => {
      const { scrollLeft, scrollTop } = stage
      if (!scrollLeft && !scrollTop) return
      stage.scrollTo(0, 0)
      this.pan(-scrollLeft, -scrollTop)
    })
    new ResizeObserver(() => {
      this.corner = null
      this.fitted ? this.fit() : this.show()
    }).observe(stage)
  }

  // Another page, which may have a shape of its own.
  turn({ width, height }) {
    this.page = { width, height }
    for (const edge of this.svg.querySelectorAll("[data-grow]")) {
      edge.setAttribute("width", width + Number(edge.dataset.grow))
      edge.setAttribute("height", height + Number(edge.dataset.grow))
    }
    this.fit()
  }

  watch(seen) {
    this.watchers.push(seen)
  }

  // The page as large as the room beside the tools allows (data-inset: left, top, right, bottom).
  fit() {
    const { left, top, ...room } = this.room(),
      { page } = this
    const scale = Math.max(FURTHEST, Math.min(room.width / page.width, room.height / page.height))
    this.view = {
      scale,
      x: -(left + (room.width - page.width * scale) / 2) / scale,
      y: -(top + (room.height - page.height * scale) / 2) / scale
    }
    this.fitted = true
    this.show()
  }

  // As wide as there is room, from the page's top.
  fillWidth() {
    this.view = this.widest
    this.fitted = false
    this.show()
  }

  get widest() {
    const { left, top, width } = this.room(),
      scale = Math.min(CLOSEST, Math.max(FURTHEST, width / this.page.width))
    return { scale, x: -left / scale, y: -top / scale }
  }

  // Whether it can come no closer, go no further, or is as wide as there is room.
  get limits() {
    const { view, widest } = this,
      { scale } = view
    const wide = ["x", "y", "scale"].every(part => Math.abs(view[part] - widest[part]) < 1e-6)
    return { closest: scale >= CLOSEST, furthest: scale <= FURTHEST, wide }
  }

  // Whether much of the screen stays empty beside the page when all of it is shown.
  get narrow() {
    const { width, height } = this.room()
    return this.page.height * width > this.page.width * height * NARROW
  }

  // What the tools leave free, in CSS pixels.
  room() {
    const [left, top, right, bottom] = this.insets()
    return { left, top, width: this.stage.clientWidth - left - right, height: this.stage.clientHeight - top - bottom }
  }

  // Whether the tools lie above and below the page, not beside it (board/narrow.css).
  get stacked() {
    return Boolean(getComputedStyle(this.stage).getPropertyValue("--narrow"))
  }

  insets() {
    const narrow = this.stacked
    const [left, top, right, most] = (narrow ? this.stage.dataset.narrow : this.stage.dataset.inset)
      .split(" ")
      .map(Number)
    const bottom = Math.min(most, this.stage.clientHeight / 2)
    // Beside a panel the tools take less room: their trays are put away.
    const beside = this.panel && !narrow
    return [beside ? Math.min(left, TOOLS) : left, top, right + (beside ? this.panel : 0), bottom]
  }

  // A panel this wide (px) lies over the right side of the stage: a page shown as a whole makes room for it.
  makeRoom(width) {
    this.panel = width
    if (this.fitted) this.fit()
  }

  // Where a bar this wide may begin, in CSS pixels: on screen, and beside the tools rather than under them.
  beside(left, width) {
    const { clientWidth } = this.stage,
      most = clientWidth - width - 8
    return Math.max(Math.min(this.insets()[0], most), Math.min(most, left))
  }

  // One page unit to one pixel, about the middle of the screen.
  actual() {
    this.zoom(1 / this.view.scale)
  }

  zoom(factor, sx = this.stage.clientWidth / 2, sy = this.stage.clientHeight / 2) {
    const { x, y, scale } = this.view
    const next = Math.min(CLOSEST, Math.max(FURTHEST, scale * factor))
    this.view = { scale: next, x: x + sx / scale - sx / next, y: y + sy / scale - sy / next }
    this.fitted = false
    this.show()
  }

  pan(dx, dy) {
    this.view = { ...this.view, x: this.view.x - dx / this.view.scale, y: this.view.y - dy / this.view.scale }
    this.fitted = false
    this.show()
  }

  // To where a lesson was left: [x, y, scale], or nothing for the whole page.
  restore(place) {
    if (!place) return this.fit()
    const [x, y, scale] = place
    this.view = { x, y, scale }
    this.fitted = false
    this.show()
  }

  place() {
    return this.fitted
      ? null
      : [this.view.x, this.view.y, this.view.scale].map(number => Math.round(number * 1e4) / 1e4)
  }

  show() {
    const { x, y, scale } = this.view
    this.svg.setAttribute("viewBox", `${x} ${y} ${this.stage.clientWidth / scale} ${this.stage.clientHeight / scale}`)
    this.watchers.forEach(seen => seen(this))
  }

  toPage(clientX, clientY) {
    const { left, top } = (this.corner ??= this.stage.getBoundingClientRect())
    const { x, y, scale } = this.view
    return [x + (clientX - left) / scale, y + (clientY - top) / scale]
  }

  toScreen(px, py) {
    const { x, y, scale } = this.view
    return [(px - x) * scale, (py - y) * scale]
  }
}
