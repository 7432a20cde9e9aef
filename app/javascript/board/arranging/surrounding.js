// Choosing several at once: a frame drawn around them, or a lasso.
import { Part } from "surface/part"
import { boxOf } from "surface/view"
import { boundsOf, cornersOf, inside, pointOf } from "surface/geometry"
import { make, put } from "surface/svg"

const MOST_CORNERS = 3 // of four that lie in a lasso

export class Surrounding extends Part {
  static needs = ["surface", "choice", "state"]

  draw(contact) {
    this.state.lasso ? this.loop(contact) : this.frame(contact)
  }

  loop({ origin, page }) {
    this.line ??= { points: [origin], element: this.choice.layer.appendChild(make("path", { class: "marquee" })) }
    this.line.points.push(page)
    this.line.element.setAttribute(
      "d",
      `M${this.line.points.map(point => this.surface.camera.toScreen(...point).join(" ")).join("L")}Z`
    )
  }

  frame({ origin, page }) {
    this.box = boundsOf([origin, page])
    const { camera } = this.surface,
      [x, y] = camera.toScreen(this.box.x, this.box.y),
      { scale } = camera.view
    this.marquee ??= this.choice.layer.appendChild(make("rect"))
    put(this.marquee, { class: "marquee", x, y, width: this.box.width * scale, height: this.box.height * scale })
  }

  // The ids of everything inside: for a frame all of it, for a lasso its middle and most of its corners. Of two hands
  // that drew it together the first that is lifted has them; null for the other.
  found() {
    const { line, marquee, box } = this
    this.drop()
    if (!line && !marquee) return null
    return this.surface.view
      .all()
      .filter(element => (line ? looped(line.points, boxOf(element)) : framed(box, boxOf(element))))
      .map(({ dataset }) => dataset.item)
  }

  drop() {
    this.marquee?.remove()
    this.line?.element.remove()
    this.marquee = this.line = null
  }
}

const looped = (points, box) =>
  inside(points, pointOf(box, [0.5, 0.5])) &&
  cornersOf(box).filter(corner => inside(points, corner)).length >= MOST_CORNERS

const framed = (frame, { x, y, width, height }) =>
  x >= frame.x && y >= frame.y && x + width <= frame.x + frame.width && y + height <= frame.y + frame.height
