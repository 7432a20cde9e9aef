// Use: things are moved and pressed, without handles; the empty ground moves the page.
import { Carry, round } from "board/carry"
import { itemAt } from "board/pick"
import { move as panPage } from "board/tools/hand"

export const cursor = "default"

export function down(contact) { contact.item = itemAt(...contact.from) }

export function move(contact, board) {
  if (!contact.moved) return
  if (!contact.item) return board.mode === "prepare" || !board.camera.fitted ? panPage(contact, board) : null
  contact.carry ??= new Carry([contact.item])
  contact.carry.show(`translate(${shift(contact).join(" ")})`)
}

export function up(contact, board) {
  if (contact.carry) return board.do({ verb: "move", ids: contact.carry.ids, by: shift(contact) })
  const link = contact.moved ? null : document.elementsFromPoint(...contact.at).map(element => element.closest?.("a[href]")).find(Boolean)
  if (link) return window.open(link.getAttribute("href"), "_blank", "noopener,noreferrer")
  const activity = contact.item?.dataset.kind === "activity"
  if (activity) board.play(contact.item.dataset.item)
}

export function cancel(contact) { contact.carry?.back() }

const shift = ({ page, origin }) => [round(page[0] - origin[0]), round(page[1] - origin[1])]
