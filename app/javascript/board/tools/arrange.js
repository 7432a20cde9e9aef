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
    if (choice.size === 1) board.editor.reopen(contact.item)
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

// Tab goes through the things on the page, back to front.
export function next(board, step) {
  const all = board.view.all()
  if (!all.length) return
  const at = all.findIndex(element => board.choice.has(element.dataset.item))
  board.choice.only(all[(at + step + all.length) % all.length].dataset.item)
  const { x, y } = boxOf(board.choice.elements()[0])
  board.announce(`${board.choice.elements()[0].getAttribute("aria-label")}, at ${Math.round(x)}, ${Math.round(y)}`)
}

const shift = ({ page, origin }) => [round(page[0] - origin[0]), round(page[1] - origin[1])]
