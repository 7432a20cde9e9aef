// Where on the page one is when it is larger than the screen: the page, small, with a frame to drag.
import { PAGE } from "board/camera"

export class Overview {
  constructor(board) {
    this.board = board
    this.map = document.getElementById("overview")
    if (!this.map) return
    this.frame = this.map.querySelector("[data-frame]")
    this.map.addEventListener("pointerdown", event => { this.map.setPointerCapture(event.pointerId); this.go(event) })
    this.map.addEventListener("pointermove", event => { if (this.map.hasPointerCapture(event.pointerId)) this.go(event) })
    this.map.addEventListener("keydown", event => {
      const step = { ArrowLeft: [80, 0], ArrowRight: [-80, 0], ArrowUp: [0, 80], ArrowDown: [0, -80] }[event.key]
      if (!step) return
      event.preventDefault()
      event.stopPropagation()
      board.camera.pan(...step)
    })
  }

  draw() {
    const { board, map } = this
    if (!map) return
    const shown = !board.camera.fitted && board.camera.view.scale * PAGE.width > board.stage.clientWidth * 0.9
    if (map.hidden === shown) {
      map.hidden = !shown
      if (shown) map.querySelector("img").src = `/pages/${board.page}/thumbnail?v=${Date.now()}`
    }
    if (!shown) return
    const { x, y, scale } = board.camera.view, { stage } = board
    const share = (value, whole) => `${Math.round(value / whole * 1000) / 10}%`
    Object.assign(this.frame.style, { left: share(x, PAGE.width), top: share(y, PAGE.height), width: share(stage.clientWidth / scale, PAGE.width), height: share(stage.clientHeight / scale, PAGE.height) })
  }

  // The middle of the view goes where the map is touched.
  go({ clientX, clientY }) {
    const { left, top, width, height } = this.map.getBoundingClientRect(), { camera, stage } = this.board
    const [x, y] = [(clientX - left) / width * PAGE.width, (clientY - top) / height * PAGE.height]
    const [sx, sy] = camera.toScreen(x, y)
    camera.pan(stage.clientWidth / 2 - sx, stage.clientHeight / 2 - sy)
  }
}
