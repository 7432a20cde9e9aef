// Where on the page one is when it is larger than the screen: the page, small, with a frame to drag.
import { Part } from "surface/part"
import { drag } from "surface/drag"

const LONGER = 190 // CSS pixels of the map's longer side

export default class Overview extends Part {
  static needs = ["surface"]

  constructor(parts) {
    super(parts)
    this.map = document.getElementById("overview")
    if (!this.map) return
    this.frame = this.map.querySelector("[data-frame]")
    this.surface.camera.watch(() => this.draw())
    this.map.addEventListener("pointerdown", event => {
      this.go(event)
      drag(event, { capture: this.map, move: moved => this.go(moved) })
    })
    this.map.addEventListener("keydown", event => {
      const step = { ArrowLeft: [80, 0], ArrowRight: [-80, 0], ArrowUp: [0, 80], ArrowDown: [0, -80] }[event.key]
      if (!step) return
      event.preventDefault()
      event.stopPropagation()
      this.surface.camera.pan(...step)
    })
  }

  draw() {
    const { map } = this
    if (!map) return
    const { page } = this.surface.camera,
      shown =
        !this.surface.camera.fitted &&
        this.surface.camera.view.scale * page.width > this.surface.stage.clientWidth * 0.9
    if (map.hidden === shown) {
      map.hidden = !shown
      if (shown) map.querySelector("img").src = `/pages/${this.surface.page}/thumbnail?v=${Date.now()}`
    }
    if (!shown) return
    Object.assign(map.style, {
      aspectRatio: `${page.width} / ${page.height}`,
      width: `${(LONGER * page.width) / Math.max(page.width, page.height)}px`
    })
    const { x, y, scale } = this.surface.camera.view,
      { stage } = this.surface
    const share = (value, whole) => `${Math.round((value / whole) * 1000) / 10}%`
    Object.assign(this.frame.style, {
      left: share(x, page.width),
      top: share(y, page.height),
      width: share(stage.clientWidth / scale, page.width),
      height: share(stage.clientHeight / scale, page.height)
    })
  }

  // The middle of the view goes where the map is touched.
  go({ clientX, clientY }) {
    const { left, top, width, height } = this.map.getBoundingClientRect(),
      { camera, stage } = this.surface
    const [x, y] = [((clientX - left) / width) * camera.page.width, ((clientY - top) / height) * camera.page.height]
    const [sx, sy] = camera.toScreen(x, y)
    camera.pan(stage.clientWidth / 2 - sx, stage.clientHeight / 2 - sy)
  }
}
