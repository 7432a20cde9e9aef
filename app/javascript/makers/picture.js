// Making what is played on a picture: the table's second column says where each thing is, as shares of the picture's
// width and height. A point is tapped; an area is drawn as a rectangle, an ellipse or an outline. By keys, what has no
// place yet begins in the middle; arrows move it, with Shift an area grows and shrinks.
import table from "makers/table"
import { chooseFace } from "makers/faces"
import { drag } from "surface/drag"

const SVG = "http://www.w3.org/2000/svg"
const PLACE = 1, // the column
  STEP = 0.01,
  SMALLEST = 0.02,
  MOST = 120 // points of an outline
const MIDDLE = { point: "0.5 0.5", area: "0.4 0.4 0.6 0.6" }
const ARROWS = { ArrowLeft: [-STEP, 0], ArrowRight: [STEP, 0], ArrowUp: [0, -STEP], ArrowDown: [0, STEP] }

const share = value => Math.min(1, Math.max(0, Math.round(value * 10000) / 10000))
const pairs = numbers => numbers.flatMap((_, index) => (index % 2 ? [] : [numbers.slice(index, index + 2)]))

// Every so many points, so that no more than MOST are left.
const thinned = points => points.filter((_, index) => index % Math.ceil(points.length / MOST) === 0)

const own = {
  picture: null,
  chosen: -1,
  shape: "rectangle",
  sketch: null, // the area that is being drawn

  get areas() {
    return this.$root.dataset.placed === "area"
  },
  get pictureValue() {
    return this.picture ? JSON.stringify(this.picture) : ""
  },
  get pictureSource() {
    return this.picture ? `/pictures/${this.picture.picture}` : null
  },
  get pictureWord() {
    return this.picture ? "Another picture" : "Choose the picture"
  },

  async bringPicture() {
    const face = await chooseFace({ only: "picture" })
    if (face) this.picture = face
  },

  written(column) {
    return column !== PLACE
  },
  isPlace(column) {
    return column === PLACE
  },
  choose(number) {
    this.chosen = number
  },
  isChosen(number) {
    return number === this.chosen ? "true" : null
  },

  // [shape or "", [[x, y], ...]] of a row, or null.
  place({ cells }) {
    const { text } = cells[PLACE]
    if (!text) return null
    const [, shape, numbers] = text.match(/^([a-z]*) ?(.*)$/)
    return [shape, pairs(numbers.split(" ").map(Number))]
  },
  placed(row) {
    return Boolean(this.place(row))
  },
  put(number, shape, points) {
    const text = [shape, ...points.flat().map(share)].filter(part => part !== "").join(" ")
    this.rows[number].cells[PLACE].text = text
  },

  // The box around a row's place: [left, top, width, height].
  box(row) {
    const [, points] = this.place(row),
      [xs, ys] = [0, 1].map(axis => points.map(point => point[axis]))
    const [left, top] = [Math.min(...xs), Math.min(...ys)]
    return [left, top, Math.max(...xs) - left, Math.max(...ys) - top]
  },

  whereWord(row) {
    return this.placed(row) ? "✓ On the picture" : "In the middle"
  },
  whereLabel(row, number) {
    return `${this.placed(row) ? "Go to the place of" : "Put on the middle of the picture:"} row ${number + 1}`
  },
  where(number) {
    this.choose(number)
    if (!this.placed(this.rows[number]))
      this.rows[number].cells[PLACE].text = this.areas ? `${this.simple} ${MIDDLE.area}` : MIDDLE.point
    this.$nextTick(() => this.pin(number)?.focus())
  },
  get simple() {
    return this.shape === "outline" ? "rectangle" : this.shape
  },
  pin(number) {
    return this.$root.querySelector(`[data-pin="${number}"]`)
  },
  pinStyle(row) {
    if (!this.placed(row)) return {}
    const [left, top, width, height] = this.box(row)
    return { left: `${(left + width / 2) * 100}%`, top: `${(top + height / 2) * 100}%` }
  },
  pinLabel(row, number) {
    return `${row.cells[0].text || `Row ${number + 1}`}: arrows move it${this.areas ? ", with Shift they change its size" : ""}`
  },
  pinWord(number) {
    return String(number + 1)
  },
  drawing(shape) {
    return String(this.shape === shape)
  },
  drawAs(shape) {
    this.shape = shape
  },

  // Where the next place goes: the row that is chosen or the first that waits for one, or a row that is free.
  next() {
    const waits = row => !this.placed(row) && row.cells[0].text
    if (this.rows[this.chosen] && waits(this.rows[this.chosen])) return this.chosen
    const waiting = this.rows.findIndex(waits)
    return waiting >= 0 ? waiting : this.free()
  },

  at({ clientX, clientY }) {
    const { left, top, width, height } = this.$root.querySelector("[data-frame] img").getBoundingClientRect()
    return [share((clientX - left) / width), share((clientY - top) / height)]
  },

  press(event) {
    if (event.button > 0) return
    const pin = event.target.closest("[data-pin]")
    event.preventDefault()
    if (pin) return this.carry(event, Number(pin.dataset.pin))
    const points = [this.at(event)]
    drag(event, {
      threshold: 6,
      capture: this.$root.querySelector("[data-frame]"),
      move: moved => {
        if (!this.areas) return
        points.push(this.at(moved))
        this.sketch = this.shape === "outline" ? thinned(points) : [points[0], points.at(-1)]
      },
      end: (ended, dragged) => (this.areas ? this.drawn(dragged) : this.set("", [this.at(ended)])),
      cancel: () => (this.sketch = null)
    })
  },

  drawn(dragged) {
    const { sketch } = this
    this.sketch = null
    const sides = [0, 1].map(axis => (sketch ?? [[0, 0]]).map(point => point[axis]))
    const large = sides.every(side => Math.max(...side) - Math.min(...side) >= SMALLEST)
    if (dragged && large) this.set(this.shape, sketch)
  },

  set(shape, points) {
    const number = this.next()
    this.put(number, shape, points)
    this.choose(number)
    this.writeIn(number)
  },

  carry(event, number) {
    this.choose(number)
    this.pin(number).focus()
    const [shape, points] = this.place(this.rows[number]),
      from = this.at(event)
    drag(event, {
      threshold: 4,
      capture: this.pin(number),
      move: moved =>
        this.shift(
          number,
          shape,
          points,
          this.at(moved).map((value, axis) => value - from[axis])
        )
    })
  },

  // Moves a place, no further than the edge.
  shift(number, shape, points, by) {
    const room = [0, 1].map(axis => {
      const all = points.map(point => point[axis])
      return Math.min(1 - Math.max(...all), Math.max(-Math.min(...all), by[axis]))
    })
    this.put(
      number,
      shape,
      points.map(([x, y]) => [x + room[0], y + room[1]])
    )
  },

  nudge(number, event) {
    const by = ARROWS[event.key]
    if (event.key === "Delete" || event.key === "Backspace") {
      event.preventDefault()
      this.rows[number].cells[PLACE].text = ""
      return this.writeIn(number)
    }
    if (!by) return
    event.preventDefault()
    event.stopPropagation()
    const [shape, points] = this.place(this.rows[number])
    if (event.shiftKey && this.areas) this.resize(number, shape, points, by)
    else this.shift(number, shape, points, by)
  },

  resize(number, shape, points, by) {
    const [left, top, width, height] = this.box(this.rows[number])
    const scale = [(width + by[0]) / width, (height + by[1]) / height]
    if (width + by[0] < SMALLEST || height + by[1] < SMALLEST) return
    this.put(
      number,
      shape,
      points.map(([x, y]) => [left + (x - left) * scale[0], top + (y - top) * scale[1]])
    )
  },

  // The areas over the picture, and the one that is being drawn.
  draw() {
    const svg = this.$root.querySelector("[data-frame] svg")
    const all = this.areas
      ? this.rows.flatMap((row, number) => (this.placed(row) ? [[number, ...this.place(row)]] : []))
      : []
    if (this.sketch) all.push([this.chosen, this.shape, this.sketch])
    svg.replaceChildren(...all.map(([number, shape, points]) => this.figure(number, shape, points)))
  },

  figure(number, shape, points) {
    const figure = document.createElementNS(SVG, { rectangle: "rect", ellipse: "ellipse", outline: "polygon" }[shape]),
      [[ax, ay], [bx, by]] = points
    const values = {
      rectangle: { x: Math.min(ax, bx), y: Math.min(ay, by), width: Math.abs(bx - ax), height: Math.abs(by - ay) },
      ellipse: { cx: (ax + bx) / 2, cy: (ay + by) / 2, rx: Math.abs(bx - ax) / 2, ry: Math.abs(by - ay) / 2 },
      outline: { points: points.join(" ") }
    }[shape]
    for (const [name, value] of Object.entries(values)) figure.setAttribute(name, value)
    figure.classList.toggle("is-chosen", number === this.chosen)
    return figure
  }
}

export default () => {
  const base = table(),
    begin = base.init
  Object.defineProperties(base, Object.getOwnPropertyDescriptors(own))
  base.init = function () {
    begin.call(this)
    this.picture = JSON.parse(this.$root.dataset.picture)
  }
  return base
}
