// The stroke width at each point of a stroke while it is wet: the same as core/lib/usher/ink/nib.rb.
export const FAST = 5
export const EASE = 0.3
export const TAPER = 3
export const TIP = 0.3

const broad = (stroke_width, force) => stroke_width * (0.4 + 1.2 * force)
const distance = ([ax, ay], [bx, by]) => Math.sqrt((bx - ax) ** 2 + (by - ay) ** 2)

// The pressure at each new point, told or taken from the speed.
class Force {
  constructor() {
    this.force = 0.5
  }

  next([x, y, pressure, ms]) {
    this.last ??= [x, y, ms]
    const [px, py, pms] = this.last
    if (pressure != null) this.force = pressure
    else if (ms != null && pms != null && ms > pms) {
      const speed = distance([px, py], [x, y]) / (ms - pms)
      this.force += (Math.max(0.85 - speed / FAST, 0.15) - this.force) * EASE
      this.last = [x, y, ms]
    }
    return this.force
  }
}

// Widths as the points come. How the stroke ends is not known yet, so only its start tapers.
export class LiveNib {
  constructor(stroke_width, nib) {
    Object.assign(this, { stroke_width, nib, force: new Force(), length: 0 })
  }

  next(point) {
    if (this.nib === "even") return this.stroke_width
    if (this.nib === "kept") return 2 * this.stroke_width * (point[2] ?? 0.5)
    if (this.before) this.length += distance(this.before, point)
    this.before = point
    const reach = this.stroke_width * TAPER
    return (
      broad(this.stroke_width, this.force.next(point)) *
      (this.length < reach ? 1 - (1 - TIP) * (1 - this.length / reach) : 1)
    )
  }
}

// Widths of a finished stroke.
export function strokeWidths(points, stroke_width, nib) {
  if (nib !== "lively")
    return points.map(([, , pressure]) => (nib === "kept" ? 2 * stroke_width * (pressure ?? 0.5) : stroke_width))
  const force = new Force(),
    reach = stroke_width * TAPER
  let length = 0
  const lengths = points.map((point, index) => (length += index ? distance(points[index - 1], point) : 0))
  const strength = (1 - TIP) * Math.min(length / (2 * reach), 1)
  return points.map((point, index) => {
    const near = Math.min(lengths[index], length - lengths[index])
    return broad(stroke_width, force.next(point)) * (near < reach ? 1 - strength * (1 - near / reach) : 1)
  })
}
