// Ink while it is wet: drawn on a canvas over the page as the points come, with the curve that the
// core draws later (core/lib/usher/ink/curve.rb), and kept there until Ruby's drawing has arrived.
const BREADTH = (width, pressure) => pressure == null ? width : width * (0.4 + 1.2 * pressure)

export class WetInk {
  // toScreen: () => ({ x, y, scale }), the page unit at the canvas's corner and pixels a unit.
  constructor(canvas, toScreen) {
    this.canvas = canvas
    this.toScreen = toScreen
    this.strokes = new Map()
    this.pen = canvas.getContext("2d")
    this.fitCanvas()
    new ResizeObserver(() => { if (this.fitCanvas()) this.redraw() }).observe(canvas)
  }

  fitCanvas() {
    const ratio = window.devicePixelRatio || 1
    const [width, height] = [Math.round(this.canvas.clientWidth * ratio), Math.round(this.canvas.clientHeight * ratio)]
    if (this.canvas.width === width && this.canvas.height === height) return false
    Object.assign(this.canvas, { width, height })
    return true
  }

  begin(id, colour, breadth) { this.strokes.set(id, { colour, breadth, points: [] }) }

  has(id) { return this.strokes.has(id) }

  // points: [[x, y, pressure or null], ...] in page units.
  add(id, points) {
    const stroke = this.strokes.get(id)
    if (!stroke) return
    this.aim(stroke)
    for (const point of points) {
      stroke.points.push(point)
      this.extend(stroke.points, stroke.points.length - 1, stroke.breadth)
    }
  }

  // Dry: Ruby's drawing is on the page.
  remove(id) {
    if (!this.strokes.delete(id)) return
    if (!this.waiting) this.waiting = requestAnimationFrame(() => { this.waiting = null; this.redraw() })
  }

  clear() {
    this.strokes.clear()
    this.redraw()
  }

  redraw() {
    this.pen.setTransform(1, 0, 0, 1, 0, 0)
    this.pen.clearRect(0, 0, this.canvas.width, this.canvas.height)
    for (const stroke of this.strokes.values()) {
      this.aim(stroke)
      stroke.points.forEach((_, index) => this.extend(stroke.points, index, stroke.breadth))
    }
  }

  aim({ colour }) {
    const { x, y, scale } = this.toScreen()
    const k = scale * (window.devicePixelRatio || 1)
    this.pen.setTransform(k, 0, 0, k, -x * k, -y * k)
    Object.assign(this.pen, { strokeStyle: colour, fillStyle: colour, lineCap: "round", lineJoin: "round" })
  }

  // Draws what the point at `index` adds: the curve to the middle before it, and the rest straight.
  extend(points, index, breadth) {
    const { pen } = this
    const [x, y, pressure] = points[index]
    pen.lineWidth = BREADTH(breadth, pressure)
    pen.beginPath()
    if (index === 0) {
      pen.arc(x, y, pen.lineWidth / 2, 0, 7)
      return pen.fill()
    }
    const [px, py] = points[index - 1]
    const middle = [(px + x) / 2, (py + y) / 2]
    if (index === 1) pen.moveTo(px, py)
    else {
      const [qx, qy] = points[index - 2]
      pen.moveTo((qx + px) / 2, (qy + py) / 2)
      pen.quadraticCurveTo(px, py, ...middle)
    }
    pen.lineTo(x, y)
    pen.stroke()
  }
}
