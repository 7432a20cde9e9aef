// Ink while it is wet: drawn over the page as the points come, with the curve and the widths that
// the core draws later (core/lib/usher/ink/curve.rb, nib.rb), and kept there until Ruby's drawing has
// arrived.
//
// The surface is made of small canvases that exist only where there is ink: a browser puts together
// anew whatever a canvas covers, so a small one keeps the frame that shows a new point short. Ink that
// is seen through has canvases of its own, as faint as it is.
import { LiveNib, strokeWidths } from "surface/nib"
import { sharp } from "surface/turns"

const TILE = 256 // CSS pixels
const STEPS = 4 // from middle to middle of a finished stroke
const SAME = 0.05 // page units within which a point is the one before: it is not drawn

export class WetInk {
  // place: the element to draw over; view: () => ({ x, y, scale }), the page unit at its corner and
  // CSS pixels a unit.
  constructor(place, view) {
    this.place = place
    this.view = view
    this.strokes = new Map()
    this.tiles = new Map()
    this.echoes = new Set() // other places that show the same ink
    new ResizeObserver(() => this.redraw()).observe(place)
  }

  // look: { colour, stroke_width, nib, opacity }.
  begin(id, look) {
    for (const echo of this.echoes) echo.begin(id, look)
    this.strokes.set(id, {
      ...look,
      opacity: look.opacity ?? 1,
      points: [], // as they came
      widths: [],
      shown: [], // the numbers of those that are drawn
      live: new LiveNib(look.stroke_width, look.nib)
    })
  }

  has(id) {
    return this.strokes.has(id)
  }

  // points: [[x, y, pressure or null, ms], ...] in page units.
  add(id, points) {
    for (const echo of this.echoes) echo.add(id, points)
    const stroke = this.strokes.get(id)
    if (!stroke) return
    for (const point of points) {
      const last = stroke.points[stroke.shown.at(-1)]
      stroke.points.push(point)
      stroke.widths.push(stroke.live.next(point))
      if (last && Math.abs(point[0] - last[0]) < SAME && Math.abs(point[1] - last[1]) < SAME) continue
      stroke.shown.push(stroke.points.length - 1)
      this.extend(stroke, stroke.shown.length - 1)
    }
  }

  // The pen was lifted: its end tapers now as well, as in Ruby's drawing.
  finish(id) {
    for (const echo of this.echoes) echo.finish(id)
    const stroke = this.strokes.get(id)
    if (!stroke || stroke.nib !== "lively") return
    stroke.widths = strokeWidths(stroke.points, stroke.stroke_width, stroke.nib)
    stroke.finished = true
    this.waiting ??= requestAnimationFrame(() => this.redraw())
  }

  // Dry: Ruby's drawing is on the page.
  remove(id) {
    for (const echo of this.echoes) echo.remove(id)
    if (this.strokes.delete(id)) this.waiting ??= requestAnimationFrame(() => this.redraw())
  }

  clear() {
    for (const echo of this.echoes) echo.clear()
    this.strokes.clear()
    this.redraw()
  }

  redraw() {
    cancelAnimationFrame(this.waiting)
    this.waiting = null
    for (const { canvas } of this.tiles.values()) canvas.remove()
    this.tiles.clear()
    for (const stroke of this.strokes.values()) stroke.shown.forEach((_, index) => this.extend(stroke, index))
  }

  // A drawn point and its width: [x, y, width]; the first or last one for those beyond the ends.
  drawn({ points, widths, shown }, index) {
    const number = shown[Math.min(Math.max(index, 0), shown.length - 1)]
    return [points[number][0], points[number][1], widths[number]]
  }

  // The curve and the widths that the drawn point at `index` of a finished stroke stands for: from the middle
  // before it to the middle after it, in short steps; over the point itself where the stroke turns sharply.
  part(stroke, index) {
    const [before, at, after] = [-1, 0, 1].map(step => this.drawn(stroke, index + step))
    const middle = (a, b) => a.map((value, axis) => (value + b[axis]) / 2)
    const [from, to] = [middle(before, at), middle(at, after)]
    if (index > 0 && index < stroke.shown.length - 1 && sharp(before, at, after)) return [from, at, to]
    const bend = (axis, t) => (1 - t) ** 2 * from[axis] + 2 * t * (1 - t) * at[axis] + t ** 2 * to[axis]
    return Array.from({ length: STEPS + 1 }, (_, step) => [0, 1, 2].map(axis => bend(axis, step / STEPS)))
  }

  // Draws what the drawn point at `index` adds: the curve to the middle before it, and the rest straight.
  extend(stroke, index) {
    const { colour, opacity, finished } = stroke
    const [before, last, [x, y, width]] = [-2, -1, 0].map(step => this.drawn(stroke, index + step))
    const turns = index > 1 && sharp(before, last, [x, y])
    const { x: left, y: top, scale } = this.view()
    const further = finished ? this.drawn(stroke, index + 1) : before
    const screen = ([a, b]) => [(a - left) * scale, (b - top) * scale]
    const margin = (width * scale) / 2 + 2
    for (const { pen, at } of this.touched([[x, y], last, further].map(screen), margin, opacity)) {
      const k = scale * pen.ratio
      pen.context.setTransform(k, 0, 0, k, -(left * scale + at[0]) * pen.ratio, -(top * scale + at[1]) * pen.ratio)
      if (finished) this.steps(pen.context, colour, this.part(stroke, index))
      else this.stroke(pen.context, { colour, width, index, x, y, last, before, turns })
    }
  }

  steps(context, colour, places) {
    Object.assign(context, { strokeStyle: colour, lineCap: "round" })
    for (let step = 1; step < places.length; step++) {
      const [[ax, ay, a], [bx, by, b]] = [places[step - 1], places[step]]
      context.lineWidth = (a + b) / 2
      context.beginPath()
      context.moveTo(ax, ay)
      context.lineTo(bx, by)
      context.stroke()
    }
  }

  stroke(context, { colour, width, index, x, y, last: [px, py], before: [qx, qy], turns }) {
    Object.assign(context, {
      strokeStyle: colour,
      fillStyle: colour,
      lineCap: "round",
      lineJoin: "round",
      lineWidth: width
    })
    context.beginPath()
    if (index === 0) {
      context.arc(x, y, width / 2, 0, 7)
      return context.fill()
    }
    if (index === 1 || turns) context.moveTo(px, py)
    else {
      context.moveTo((qx + px) / 2, (qy + py) / 2)
      context.quadraticCurveTo(px, py, (px + x) / 2, (py + y) / 2)
    }
    context.lineTo(x, y)
    context.stroke()
  }

  // The tiles that a piece between these places (CSS pixels) may colour.
  touched(places, margin, opacity) {
    const xs = places.map(([x]) => x),
      ys = places.map(([, y]) => y)
    const across = [Math.min(...xs) - margin, Math.max(...xs) + margin].map(edge => Math.floor(edge / TILE))
    const down = [Math.min(...ys) - margin, Math.max(...ys) + margin].map(edge => Math.floor(edge / TILE))
    const most = [Math.floor(this.place.clientWidth / TILE), Math.floor(this.place.clientHeight / TILE)]
    const tiles = []
    for (let column = Math.max(0, across[0]); column <= Math.min(most[0], across[1]); column++)
      for (let row = Math.max(0, down[0]); row <= Math.min(most[1], down[1]); row++)
        tiles.push(this.tile(column, row, opacity))
    return tiles
  }

  tile(column, row, opacity) {
    const key = `${column},${row},${opacity}`
    if (this.tiles.has(key)) return this.tiles.get(key)
    const ratio = window.devicePixelRatio || 1
    const canvas = Object.assign(document.createElement("canvas"), { width: TILE * ratio, height: TILE * ratio })
    Object.assign(canvas.style, {
      left: `${column * TILE}px`,
      top: `${row * TILE}px`,
      width: `${TILE}px`,
      height: `${TILE}px`,
      opacity
    })
    this.place.append(canvas)
    const tile = { canvas, at: [column * TILE, row * TILE], pen: { context: canvas.getContext("2d"), ratio } }
    this.tiles.set(key, tile)
    return tile
  }
}
