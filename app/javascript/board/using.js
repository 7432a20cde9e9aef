// Use by keys alone: Tab goes from thing to thing, the arrows move it, Enter taps it or takes a copy
// from a pile. Shown by a ring; no handles, no delete.
import { Carry } from "board/carry"
import { boxOf } from "shared/page_view"
import { newId } from "shared/ids"
import { press, deal } from "board/tools/use"

const SVG = "http://www.w3.org/2000/svg"

export class Using {
  constructor(board) {
    this.board = board
    board.camera.watch(() => this.draw())
  }

  get element() { return this.id && this.board.view.find(this.id) }

  // Things that can be moved or pressed, back to front; one of each group.
  things() {
    const seen = new Set()
    return this.board.view.all().filter(({ dataset }) => {
      const group = dataset.groups?.split(" ").at(-1)
      if (group && seen.has(group)) return false
      seen.add(group)
      return dataset.cover !== "off" && (!dataset.pinned || dataset.link || dataset.pile || dataset.cover || dataset.kind === "activity")
    })
  }

  next(step) {
    const all = this.things(), at = all.findIndex(({ dataset }) => dataset.item === this.id)
    const to = all[at === -1 && step < 0 ? all.length - 1 : at + step]
    this.id = to?.dataset.item
    this.draw()
    if (to) this.board.announce(to.getAttribute("aria-label"))
    return Boolean(to)
  }

  move(dx, dy) {
    if (this.coming) return this.coming.then(() => this.move(dx, dy)), true
    const parts = this.element && this.board.view.mates(this.element).filter(({ dataset }) => !dataset.pinned && !dataset.pile)
    if (!parts?.length) return Boolean(this.element)
    new Carry(this.board.view, parts).by([dx, dy])
    this.board.do({ verb: "move", ids: parts.map(({ dataset }) => dataset.item), by: [dx, dy] })
    return true
  }

  press() {
    const { element, board } = this
    if (!element) return false
    const parts = board.view.mates(element).filter(({ dataset }) => dataset.pile)
    if (!parts.length) return press(board, element), true
    const ids = parts.map(() => newId())
    board.do(deal(parts, ids, [boxOf(element).width + 30, 0]))
    this.coming = board.settled().then(() => this.take(ids[0]))
    return true
  }

  // The copy is in the hand as soon as it has come; arrows pressed before that wait for it.
  take(id) {
    if (!this.coming) return
    this.coming = null
    if (!this.board.view.find(id)) return
    this.id = id
    this.draw()
  }

  leave() {
    this.id = this.coming = null
    this.ring?.remove()
  }

  draw() {
    this.ring?.remove()
    if (!this.element) return
    const { x, y, width, height } = boxOf(this.element), { scale } = this.board.camera.view
    const [left, top] = this.board.camera.toScreen(x, y)
    this.ring = document.createElementNS(SVG, "rect")
    for (const [name, value] of Object.entries({ class: "use-ring", x: left - 6, y: top - 6, width: width * scale + 12, height: height * scale + 12, rx: 10 })) this.ring.setAttribute(name, value)
    this.board.choice.layer.append(this.ring)
  }
}
