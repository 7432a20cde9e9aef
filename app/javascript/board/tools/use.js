// Use: what children get. Things are moved and pressed, without handles; piles hand out copies, covers
// come off, links open; the empty ground moves the page. Nothing can be deleted or resized.
import { Carry, round } from "board/carry"
import { held } from "board/track"
import { itemAt } from "board/pick"
import { newId } from "shared/ids"
import { say } from "shared/say"
import { boxOf } from "shared/page_view"
import { move as panPage } from "board/tools/hand"

export const cursor = "default"

export const holds = contact => Boolean(contact.item)

export function down(contact, board) {
  const item = itemAt(...contact.from)
  contact.tapped = item
  contact.item = item && !item.dataset.pinned || item?.dataset.pile ? item : null
  board.using.leave()
}

// On a wall a hand shakes: a thing moves only once the hand has gone the way set in "Pens, hands".
export const steady = (contact, board) => contact.type === "mouse" ? 4 : board.store.preferences.steady

export function move(contact, board) {
  if (!contact.moved) return
  if (!contact.item) return board.mode === "prepare" || !board.camera.fitted ? panPage(contact, board) : null
  contact.carry ??= contact.item.dataset.pile ? new Handout(board, board.view.mates(contact.item)) : new Carry(board.view, board.view.mates(contact.item).filter(element => !element.dataset.pinned))
  contact.carry.by(shift(contact))
}

export function up(contact, board) {
  if (contact.carry) return contact.carry.end ? contact.carry.end(contact) : board.move(contact.carry, shift(contact))
  if (!contact.moved) press(board, contact.tapped, contact.at)
}

export function cancel(contact) { contact.carry?.back() }

// A tap: links in a text first, then what the thing itself does.
export function press(board, item, at) {
  const address = at && document.elementsFromPoint(...at).map(element => element.closest?.("a[href]")).find(Boolean)?.getAttribute("href")
  if (address) return board.open({ to: "address", address })
  if (!item) return
  const { item: id, cover, edge, area, link, leads, plays, framed, activity, kind } = item.dataset
  if (cover === "on" && !edge) return board.do({ verb: "change", changes: board.view.mates(item).filter(({ dataset }) => dataset.cover === "on").map(({ dataset }) => ({ id: dataset.item, set: { off: true } })) })
  if (link) return board.open(JSON.parse(link), { page: board.page, item: id })
  if (leads) return board.open({ to: "address", address: leads })
  if (plays) return board.media.play(item, { focus: !at })
  if (framed) return board.media.frame(item)
  if (kind === "activity") return board.open({ to: "activity", activity: Number(activity) })
  if (area) return board.do({ verb: "change", changes: [{ id, set: { shown: area === "hidden" } }] })
}

// Copies being taken from a pile: shown in the hand, dealt by the core when they are let go.
class Handout {
  constructor(board, parts) {
    Object.assign(this, { board, parts: parts.filter(({ dataset }) => dataset.pile) })
    this.empty = this.parts.some(({ dataset }) => dataset.pile === "0")
    if (this.empty) return say("This pile is empty. Put one back first.")
    this.shown = this.parts.map(part => {
      const copy = part.cloneNode(true)
      copy.removeAttribute("id")
      copy.querySelectorAll("[id]").forEach(element => element.removeAttribute("id"))
      delete copy.dataset.item
      return board.previews.appendChild(copy)
    })
    this.own = this.parts.map(part => part.getAttribute("transform"))
  }

  by(shift) { this.shown?.forEach((copy, index) => copy.setAttribute("transform", `translate(${held(this.parts[index], shift).join(" ")}) ${this.own[index]}`)) }

  // Let go over its own pile nothing was taken.
  end(contact) {
    if (this.empty) return
    const { x, y, width, height } = boxOf(contact.item), [px, py] = contact.page
    if (px >= x && px <= x + width && py >= y && py <= y + height) return this.back()
    const ids = this.parts.map(() => newId())
    ids.forEach((id, index) => this.board.hold(id, this.shown[index]))
    this.board.do(deal(this.parts, ids, shift(contact)))
  }

  back() { this.shown?.forEach(copy => copy.remove()) }
}

export const deal = (parts, ids, by) => ({ verb: "deal", piles: parts.map(({ dataset }) => dataset.item), ids, by, ...(ids.length > 1 ? { group: newId() } : {}) })

const shift = ({ page, origin }) => [round(page[0] - origin[0]), round(page[1] - origin[1])]
