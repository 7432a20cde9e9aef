// Sends strokes to the class while they are being drawn: in small pieces, twenty times a
// second at most. Nothing here is kept; the operation that follows is.
const EVERY = 50 // ms
const MOST = 100

export class Wire {
  // perform(action, data) of the live feed; wanted: () => whether anybody is watching.
  constructor(perform, wanted) {
    this.perform = perform
    this.wanted = wanted
    this.open = new Map()
  }

  more(stroke) {
    if (!this.wanted()) return
    if (!this.open.has(stroke.id)) this.open.set(stroke.id, { stroke, sent: 0 })
    this.timer ??= setTimeout(() => this.flush(), EVERY)
  }

  done(stroke) {
    if (!this.open.has(stroke.id)) return
    this.flush()
    this.open.delete(stroke.id)
  }

  off(stroke) {
    this.open.delete(stroke.id)
  }

  flush() {
    clearTimeout(this.timer)
    this.timer = null
    for (const line of this.open.values()) {
      const { stroke } = line
      const points = stroke.shown.slice(line.sent, line.sent + MOST)
      if (!points.length) continue
      this.perform("wet", { page: stroke.page, id: stroke.id, ...stroke.look, start: line.sent, points })
      line.sent += points.length
      if (line.sent < stroke.shown.length) this.timer ??= setTimeout(() => this.flush(), EVERY)
    }
  }
}
