// Arrange: choose things by tap or by a frame around them, then move them; the chosen ones carry
// handles and a label bar (board/choice).
import { Carry, round } from "board/carry"
import { itemAt } from "board/pick"
import { boxOf } from "shared/page_view"

export const cursor = "default"

export function down(contact, board) {
  const { choice } = board
  contact.handle = contact.event.target.closest("[data-handle]")?.dataset.handle
  if (contact.handle) return choice.grip(contact)
  contact.item = itemAt(...contact.from)
  const id = contact.item?.dataset.item
  if (!id) { if (!contact.shift) choice.clear(); return }
  contact.was = choice.has(id)
  if (contact.shift) choice.toggle(id)
  else if (!contact.was) choice.only(id)
}

export function move(contact, board) {
  if (!contact.moved) return
  const { choice } = board
  if (contact.handle) return choice.pull(contact)
  if (!contact.item) return choice.frame(contact.origin, contact.page)
  contact.carry ??= new Carry(choice.elements())
  const by = shift(contact)
  contact.carry.show(`translate(${by.join(" ")})`)
  choice.follow(by)
}

export function up(contact, board) {
  const { choice } = board
  if (contact.handle) return choice.release(contact)
  if (contact.carry) {
    return board.do({ verb: "move", ids: contact.carry.ids, by: shift(contact) })
  }
  if (!contact.item && contact.moved) return choice.within(contact.origin, contact.page, contact.shift)
  if (contact.was && !contact.shift && !contact.moved) {
    if (choice.size === 1) board.edit(contact.item)
    else choice.only(contact.item.dataset.item)
  }
}

export function cancel(contact, board) {
  contact.carry?.back()
  board.choice.drop()
}

// Keys: the arrows move what is chosen, one page unit or, with Shift, twenty.
export function nudge(board, dx, dy) {
  if (!board.choice.size) return false
  new Carry(board.choice.elements()).show(`translate(${dx} ${dy})`)
  board.do({ verb: "move", ids: board.choice.ids(), by: [dx, dy] })
  return true
}

// Alt and the arrows turn what is chosen by 5 degrees, or make it a tenth larger or smaller.
export function reshape(board, dx, dy) {
  const { x, y, width, height, angle } = board.choice.box()
  const about = [round(x + width / 2), round(y + height / 2)]
  const ids = board.choice.ids()
  if (dx) return board.do({ verb: "rotate", ids, about, angle: dx * 5 })
  const by = dy < 0 ? 1.1 : 1 / 1.1
  board.do({ verb: "scale", ids, about, by: [by, by], angle: round(angle) })
}

// Tab goes through the things on the page, back to front, and past the last one on to what follows
// the page: false then, so that the browser moves the focus.
export function next(board, step) {
  const all = board.view.all()
  const at = all.findIndex(element => board.choice.has(element.dataset.item))
  const to = at === -1 && step < 0 ? all.length - 1 : at + step
  if (!all[to]) {
    board.choice.clear()
    return false
  }
  board.choice.only(all[to].dataset.item)
  const { x, y } = boxOf(board.choice.elements()[0])
  board.announce(`${board.choice.elements()[0].getAttribute("aria-label")}, at ${Math.round(x)}, ${Math.round(y)}`)
  return true
}

const shift = ({ page, origin }) => [round(page[0] - origin[0]), round(page[1] - origin[1])]
