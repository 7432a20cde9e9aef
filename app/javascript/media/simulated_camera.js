// A document camera that ships with Usher, for demos and tests: a desk with a sheet on it, and a pencil
// that draws a boat. It says that it is simulated in its own picture.
const SIZE = [1280, 720]
const BOAT = [
  [420, 430],
  [860, 430],
  [780, 520],
  [500, 520],
  [420, 430],
  [640, 430],
  [640, 180],
  [800, 400],
  [640, 400]
]
const STEP = 26 // px a frame
const FRAMES = 12 // a second

export class SimulatedCamera {
  start() {
    this.canvas = Object.assign(document.createElement("canvas"), { width: SIZE[0], height: SIZE[1] })
    this.drawn = 0
    this.draw()
    this.timer = setInterval(() => this.draw(), 1000 / FRAMES)
    this.stream = this.canvas.captureStream(FRAMES)
    return this.stream
  }

  is(stream) {
    return Boolean(stream) && stream === this.stream
  }

  stop() {
    clearInterval(this.timer)
    this.stream = null
  }

  draw() {
    const pen = this.canvas.getContext("2d")
    pen.fillStyle = "#8a6a45"
    pen.fillRect(0, 0, ...SIZE)
    pen.fillStyle = "#fdfaf4"
    pen.fillRect(240, 50, 800, 620)
    pen.fillStyle = "#62555a"
    pen.font = "24px sans-serif"
    pen.fillText("Simulated camera", 270, 100)
    pen.strokeStyle = "#1e6079"
    pen.lineWidth = 7
    pen.lineJoin = "round"
    pen.beginPath()
    const tip = this.path(pen)
    pen.stroke()
    pen.strokeStyle = "#e0a83a"
    pen.lineWidth = 16
    pen.beginPath()
    pen.moveTo(...tip)
    pen.lineTo(tip[0] + 90, tip[1] - 120)
    pen.stroke()
    this.drawn += STEP
  }

  // As far as the pencil has come; at the end it rests, then begins anew.
  path(pen) {
    let left = this.drawn,
      at = BOAT[0]
    pen.moveTo(...at)
    for (const to of BOAT.slice(1)) {
      const length = Math.hypot(to[0] - at[0], to[1] - at[1]),
        share = Math.min(1, left / length)
      const end = [at[0] + (to[0] - at[0]) * share, at[1] + (to[1] - at[1]) * share]
      pen.lineTo(...end)
      if (share < 1) return end
      left -= length
      at = to
    }
    if (left > 1600) this.drawn = 0
    return at
  }
}
