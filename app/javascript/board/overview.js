// Where on the page one is when it is larger than the screen: the page, small, with a frame to drag.

const LONGER = 190 // CSS pixels of the map's longer side

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
    const { page } = board.camera, shown = !board.camera.fitted && board.camera.view.scale * page.width > board.stage.clientWidth * 0.9
    if (map.hidden === shown) {
      map.hidden = !shown
      if (shown) map.querySelector("img").src = `/pages/${board.page}/thumbnail?v=${Date.now()}`
    }
    if (!shown) return
    Object.assign(map.style, { aspectRatio: `${page.width} / ${page.height}`, width: `${LONGER * page.width / Math.max(page.width, page.height)}px` })
    const { x, y, scale } = board.camera.view, { stage } = board
    const share = (value, whole) => `${Math.round(value / whole * 1000) / 10}%`
    Object.assign(this.frame.style, { left: share(x, page.width), top: share(y, page.height), width: share(stage.clientWidth / scale, page.width), height: share(stage.clientHeight / scale, page.height) })
  }

  // The middle of the view goes where the map is touched.
  go({ clientX, clientY }) {
    const { left, top, width, height } = this.map.getBoundingClientRect(), { camera, stage } = this.board
    const [x, y] = [(clientX - left) / width * camera.page.width, (clientY - top) / height * camera.page.height]
    const [sx, sy] = camera.toScreen(x, y)
    camera.pan(stage.clientWidth / 2 - sx, stage.clientHeight / 2 - sy)
  }
}
