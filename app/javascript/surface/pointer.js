// The laser pointer on a page: a dot with a trail that follows it for a moment. Page units.
import { make } from "surface/svg"

const LASTS = 600 // ms that a place stays in the trail

export class Pointer {
  constructor(dot) {
    Object.assign(this, { dot, path: [] })
    this.trail = make("polyline", {
      fill: "none",
      stroke: "#e5483b",
      "stroke-width": 9,
      "stroke-linecap": "round",
      "stroke-linejoin": "round",
      opacity: 0.45,
      "pointer-events": "none"
    })
    dot?.before(this.trail)
  }

  get shown() {
    return this.dot.getAttribute("visibility") !== "hidden"
  }

  to(x, y) {
    this.dot.setAttribute("visibility", "visible")
    this.dot.setAttribute("transform", `translate(${x} ${y})`)
    this.path.push([performance.now(), x, y])
    this.fading ??= requestAnimationFrame(() => this.fade())
  }

  away() {
    this.dot.setAttribute("visibility", "hidden")
  }

  fade() {
    const since = performance.now() - LASTS
    this.path = this.path.filter(([when]) => when > since)
    this.trail.setAttribute("points", this.path.map(([, x, y]) => `${Math.round(x)},${Math.round(y)}`).join(" "))
    this.fading = this.path.length ? requestAnimationFrame(() => this.fade()) : null
  }
}
