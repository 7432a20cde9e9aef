// Arrange: choose things by tap, by a frame or a lasso around them, then move them; the chosen ones carry
// handles and a label bar (board/choice).
import { Carry, round } from "board/carry"
import { Snap } from "board/snap"
import { itemAt } from "board/pick"
import { boxOf } from "shared/page_view"
import { say } from "shared/say"

export const cursor = "default"

// A hand that holds a thing is busy with it: a second one takes another.
export const holds = contact => Boolean(contact.item || contact.handle)

export function down(contact, board) {
  const { choice } = board
  contact.shift ||= board.store.adding // for hands without a keyboard
  contact.handle = board.picking ? null : contact.event.target.closest("[data-handle]")?.dataset.handle
  if (contact.handle) return choice.grip(contact)
  contact.item = itemAt(...contact.from)
  const id = contact.item?.dataset.item
  if (!id) return board.picking ? null : contact.shift ? null : choice.clear()
  if (board.picking) return
  contact.was = choice.has(id)
  if (contact.shift) choice.toggle(id)
  else if (!contact.was) choice.only(id)
}

export function move(contact, board) {
  if (!contact.moved || board.picking) return
  const { choice } = board
  if (contact.handle) return choice.pull(contact)
  if (!contact.item) return board.store.lasso ? choice.loop(contact.origin, contact.page) : choice.frame(contact.origin, contact.page)
  contact.carry ??= lift(contact, board)
  if (!contact.carry.ids.length) return
  contact.by = contact.snap ? contact.snap.apply(shift(contact), contact.free) : shift(contact)
  contact.carry.by(contact.by)
  choice.follow(contact.by)
}

// What is pinned stays where it is.
function lift(contact, board) {
  const loose = board.choice.elements().filter(element => !element.dataset.pinned)
  if (!loose.length) say("That is pinned. Take the pin out in its bar.")
  const carry = new Carry(board.view, loose)
  if (loose.length && loose.every(element => !element.dataset.track)) contact.snap = new Snap(board, carry.ids, board.choice.bounds(), () => move(contact, board))
  return carry
}

export function up(contact, board) {
  const { choice } = board
  contact.shift ||= board.store.adding
  contact.snap?.end()
  if (contact.handle) return choice.release(contact)
  if (board.picking) return board.pick(contact.moved ? null : contact.item)
  if (contact.carry) {
    if (!contact.carry.ids.length) return choice.drop()
    return board.move(contact.carry, (contact.by ?? shift(contact)).map(round))
  }
  if (!contact.item && contact.moved) return board.store.lasso ? choice.inLoop(contact.shift) : choice.within(contact.origin, contact.page, contact.shift)
  if (contact.was && !contact.shift && !contact.moved) {
    if (choice.size === 1) board.edit(contact.item)
    else choice.alone(contact.item.dataset.item)
  }
}

export function cancel(contact, board) {
  contact.snap?.end()
  contact.carry?.back()
  board.choice.drop()
}

// Keys: the arrows move what is chosen, one page unit or, with Shift, twenty.
export function nudge(board, dx, dy) {
  const loose = board.choice.elements().filter(element => !element.dataset.pinned)
  if (!loose.length) return board.choice.size > 0
  new Carry(board.view, loose).by([dx, dy])
  board.do({ verb: "move", ids: loose.map(element => element.dataset.item), by: [dx, dy] })
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
  board.choice.alone(all[to].dataset.item)
  const { x, y } = boxOf(board.choice.elements()[0])
  board.announce(`${board.choice.elements()[0].getAttribute("aria-label")}, at ${Math.round(x)}, ${Math.round(y)}`)
  return true
}

const shift = ({ page, origin }) => [round(page[0] - origin[0]), round(page[1] - origin[1])]
