// The upper half of a lane, shown again in the lower one, upright and as large: a small child writes there, and the class
// sees it above. What is dry is the page's own drawing used once more; what is wet is drawn along.
import { WetInk } from "surface/ink"
import { make, put } from "surface/svg"

export class LaneMirror {
  // strip: from where to where the lane goes across; half: the height of half a page. Page units.
  constructor(surface, [left, right], half) {
    Object.assign(this, { surface, left, right, half })
    this.element = Object.assign(document.createElement("div"), { className: "lane-mirror" })
    this.element.setAttribute("aria-hidden", "true")
    this.svg = make("svg", { viewBox: `${left} 0 ${right - left} ${half}`, preserveAspectRatio: "none" })
    this.svg.append(make("use", { href: "#page-content" }))
    const wet = Object.assign(document.createElement("div"), { className: "wet" })
    this.element.append(this.svg, wet)
    this.ink = new WetInk(wet, () => ({ x: left, y: 0, scale: surface.camera.view.scale }))
    surface.ink.echoes.add(this.ink)
  }

  // Where the camera shows it.
  lay() {
    const { camera, ink } = this.surface
    const [x, y] = camera.toScreen(this.left, this.half),
      [to, end] = camera.toScreen(this.right, this.half * 2)
    const [width, height] = [to - x, end - y]
    Object.assign(this.element.style, { left: `${x}px`, top: `${y}px`, width: `${width}px`, height: `${height}px` })
    put(this.svg, { width, height })
    if (ink.strokes.size) this.ink.redraw()
  }

  // Where what is done at a place of the lane belongs.
  reach([x, y]) {
    return [x, Math.min(this.half, y < this.half ? y : y - this.half)]
  }

  remove() {
    this.surface.ink.echoes.delete(this.ink)
  }
}
