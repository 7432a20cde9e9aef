// Tidy as a switch on the pen: strokes that were drawn one soon after the other are tried together
// once the hand rests. What they are is decided by the core; letters stay as they are.
const RESTS = 650 // ms

export class Tidier {
  constructor(board) {
    this.board = board
    this.drawn = []
  }

  drew(id) {
    if (!this.board.store.tidy) return
    this.drawn.push(id)
    this.page = this.board.page
    this.wait()
  }

  // Not while a hand is still drawing.
  wait() {
    clearTimeout(this.timer)
    this.timer = setTimeout(() => this.board.contacts.writing ? this.wait() : this.run(), RESTS)
  }

  run() {
    const ids = this.drawn.splice(0)
    if (ids.length) this.board.do({ verb: "tidy", ids: ids.slice(-100), quiet: true }, undefined, this.page)
  }
}
