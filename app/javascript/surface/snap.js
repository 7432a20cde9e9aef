// Snapping: the core says once per drag where what moves could snap to (Usher::Page::Guides); here the
// nearest is picked and its lines are shown. A held Ctrl, Alt or Cmd switches it off.
import { send } from "shared/net"
import { Part } from "surface/part"

const SVG = "http://www.w3.org/2000/svg"
const NEAR = 7 // pixels
const AXES = ["across", "down"]

export class Snap extends Part {
  static needs = ["choice", "surface"]

  // ids: what moves; box: the upright box around it as the drag begins; known: called once the guides are
  // there, because a hand may rest by then.
  constructor(parts, ids, box, known) {
    super(parts)
    Object.assign(this, { box, guides: null })
    this.layer = this.choice.layer.appendChild(document.createElementNS(SVG, "g"))
    send("POST", this.surface.here(`/pages/${this.surface.page}/guides`), { ids }).then(
      guides => {
        this.guides = guides
        if (this.layer.isConnected) known()
      },
      () => {}
    )
  }

  // by: [dx, dy] of the hand; answers with it as it snaps.
  apply(by, free) {
    this.layer.replaceChildren()
    if (!this.guides || free) return by
    const near = NEAR / this.surface.camera.view.scale
    const found = AXES.map((name, axis) => this.nearest(this.guides[name], by[axis], by[1 - axis], axis, near))
    const snapped = by.map((distance, axis) => found[axis]?.by ?? distance)
    found.forEach((guide, axis) => guide && this.draw(guide, axis, snapped))
    return snapped
  }

  nearest(guides, distance, other, axis, near) {
    const level = (axis ? this.box.x : this.box.y) + other
    let best = null
    for (const guide of guides) {
      const off = Math.abs(guide.by - distance)
      if (off > near || (guide.within && (level < guide.within[0] || level > guide.within[1]))) continue
      if (!best || off < Math.abs(best.by - distance) - 0.01) best = guide
    }
    return best
  }

  draw({ lines, gaps = [] }, axis, by) {
    const { x, y, width, height } = this.box
    const mine = axis ? [x + by[0], x + by[0] + width] : [y + by[1], y + by[1] + height]
    for (const [at, from, to] of lines) this.line(axis, at, Math.min(from, mine[0]), Math.max(to, mine[1]))
    for (const [from, to, at] of gaps) this.line(1 - axis, at, from, to, "guide guide-gap")
  }

  // axis 0: an upright line at x; 1: a level one at y.
  line(axis, at, from, to, className = "guide") {
    const [[ax, ay], [bx, by]] = (
      axis
        ? [
            [from, at],
            [to, at]
          ]
        : [
            [at, from],
            [at, to]
          ]
    ).map(place => this.surface.camera.toScreen(...place))
    const line = document.createElementNS(SVG, "line")
    for (const [name, value] of Object.entries({ class: className, x1: ax, y1: ay, x2: bx, y2: by }))
      line.setAttribute(name, value)
    this.layer.append(line)
  }

  end() {
    this.layer.remove()
  }
}
