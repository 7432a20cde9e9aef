// Use: what children get. Things are moved and pressed, without handles; piles hand out copies, covers
// come off, links open; the empty ground moves the page. Nothing can be deleted or resized.
import { Carry } from "surface/carry"
import { held } from "surface/track"
import { itemAt } from "surface/pick"
import { boxOf } from "surface/view"
import { round, staying } from "surface/geometry"
import { newId } from "shared/ids"
import { say } from "shared/say"
import { press, deal } from "board/arranging/pressing"
import { pan } from "board/tools/hand"

// How far a hand has gone with what it holds: never so far that it leaves the page.
const shift = ({ page, origin, stays }) => stays([round(page[0] - origin[0]), round(page[1] - origin[1])])

export default {
  word: "Use",
  icon: "pointer",
  key: "U",
  title: "Move and press things (U)",

  make(parts) {
    const { surface, state, using } = parts,
      { view, camera } = surface

    const lift = contact => {
      const mates = view.mates(contact.item)
      return contact.item.dataset.pile
        ? new Handout(surface, mates)
        : new Carry(
            view,
            mates.filter(element => !element.dataset.pinned)
          )
    }

    return {
      cursor: "default",
      apart: true, // every hand is its own
      holds: contact => Boolean(contact.item),

      down(contact) {
        const item = itemAt(...contact.from)
        contact.tapped = item
        contact.item = (item && !item.dataset.pinned) || item?.dataset.pile ? item : null
        using.leave()
      },

      // On a wall a hand shakes: a thing moves only once the hand has gone as far as is set in "Pens, hands".
      steady: contact => (contact.type === "mouse" ? 4 : state.preferences.steady),

      move(contact) {
        if (!contact.moved) return
        if (!contact.item) return surface.mode === "prepare" || !camera.fitted ? pan(contact, surface) : null
        contact.carry ??= lift(contact)
        contact.stays ??= contact.item.dataset.edge
          ? by => by.map(round) // a cover drawn in from an edge goes out again
          : staying(view.mates(contact.item).map(boxOf), camera.page)
        contact.carry.by(shift(contact))
      },

      up(contact) {
        if (contact.carry)
          return contact.carry.end ? contact.carry.end(contact) : surface.move(contact.carry, shift(contact))
        if (!contact.moved) press(parts, contact.tapped, contact.at)
      },

      cancel: contact => contact.carry?.back()
    }
  }
}

// Copies being taken from a pile: shown in the hand, dealt by the core when they are let go.
class Handout {
  constructor(surface, parts) {
    Object.assign(this, { surface, parts: parts.filter(({ dataset }) => dataset.pile) })
    this.empty = this.parts.some(({ dataset }) => dataset.pile === "0")
    if (this.empty) {
      say("This pile is empty. Put one back first.")
      return
    }
    this.shown = this.parts.map(part => {
      const copy = part.cloneNode(true)
      copy.removeAttribute("id")
      copy.querySelectorAll("[id]").forEach(element => element.removeAttribute("id"))
      delete copy.dataset.item
      return surface.previews.appendChild(copy)
    })
    this.own = this.parts.map(part => part.getAttribute("transform"))
  }

  by(shift) {
    this.shown?.forEach((copy, index) => {
      copy.setAttribute("transform", `translate(${held(this.parts[index], shift).join(" ")}) ${this.own[index]}`)
    })
  }

  // Let go over its own pile nothing was taken.
  end(contact) {
    if (this.empty) return
    const { x, y, width, height } = boxOf(contact.item),
      [px, py] = contact.page
    if (px >= x && px <= x + width && py >= y && py <= y + height) return this.back()
    const ids = this.parts.map(() => newId())
    ids.forEach((id, index) => this.surface.hold(id, this.shown[index]))
    this.surface.do(deal(this.parts, ids, shift(contact)))
  }

  back() {
    this.shown?.forEach(copy => copy.remove())
  }
}
