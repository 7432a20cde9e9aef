// How broad a stroke is at each of its points, while it is wet: the same as core/lib/usher/ink/nib.rb.
export const FAST = 5
export const EASE = 0.3
export const TAPER = 3
export const TIP = 0.3

const broad = (breadth, force) => breadth * (0.4 + 1.2 * force)
const far = ([ax, ay], [bx, by]) => Math.sqrt((bx - ax) ** 2 + (by - ay) ** 2)

// The pressure at each new point, told or taken from the speed.
class Force {
  constructor() { this.force = 0.5 }

  next([x, y, pressure, ms]) {
    this.last ??= [x, y, ms]
    const [px, py, pms] = this.last
    if (pressure != null) this.force = pressure
    else if (ms != null && pms != null && ms > pms) {
      const speed = far([px, py], [x, y]) / (ms - pms)
      this.force += (Math.max(0.85 - speed / FAST, 0.15) - this.force) * EASE
      this.last = [x, y, ms]
    }
    return this.force
  }
}

// Breadths as the points come. How the stroke ends is not known yet, so only its start tapers.
export class LiveNib {
  constructor(breadth, nib) {
    Object.assign(this, { breadth, nib, force: new Force(), way: 0 })
  }

  next(point) {
    if (this.nib === "even") return this.breadth
    if (this.nib === "kept") return 2 * this.breadth * (point[2] ?? 0.5)
    if (this.before) this.way += far(this.before, point)
    this.before = point
    const reach = this.breadth * TAPER
    return broad(this.breadth, this.force.next(point)) * (this.way < reach ? 1 - (1 - TIP) * (1 - this.way / reach) : 1)
  }
}

// Breadths of a finished stroke.
export function breadths(points, breadth, nib) {
  if (nib !== "lively") return points.map(([, , pressure]) => nib === "kept" ? 2 * breadth * (pressure ?? 0.5) : breadth)
  const force = new Force(), reach = breadth * TAPER
  let way = 0
  const ways = points.map((point, index) => way += index ? far(points[index - 1], point) : 0)
  const strength = (1 - TIP) * Math.min(way / (2 * reach), 1)
  return points.map((point, index) => {
    const near = Math.min(ways[index], way - ways[index])
    return broad(breadth, force.next(point)) * (near < reach ? 1 - strength * (1 - near / reach) : 1)
  })
}
