// Arrange: choose things by tap, by a frame or a lasso around them, then move them; the chosen ones carry
// handles and a label bar (board/arranging/choice).
import { Carry } from "surface/carry"
import { Snap } from "surface/snap"
import { itemAt } from "surface/pick"
import { round } from "surface/geometry"
import { say } from "shared/say"

const TWICE = 400 // ms between two taps that are one

const shift = ({ page, origin }) => [round(page[0] - origin[0]), round(page[1] - origin[1])]

export default {
  word: "Arrange",
  icon: "mouse-pointer-2",
  key: "A",
  title: "Choose, resize, turn (A)",

  make({ surface, choice, state, asking, edit }) {
    // What is pinned stays where it is.
    const lift = contact => {
      const loose = choice.elements().filter(element => !element.dataset.pinned)
      if (!loose.length) say("That is pinned. Take the pin out in its bar.")
      const carry = new Carry(surface.view, loose)
      const snaps = loose.length && loose.every(element => !element.dataset.track)
      if (snaps) contact.snap = new Snap({ surface, choice }, carry.ids, choice.bounds(), () => tool.move(contact))
      return carry
    }

    // A second tap at once on what can be written opens it, in a group too.
    let last = {}
    const twice = ({ item, moved, shift: adds }) => {
      const before = last
      last = { item: item?.dataset.item, when: performance.now() }
      const again = before.item && before.item === last.item && last.when - before.when < TWICE
      return again && !moved && !adds && (item.dataset.written || item.dataset.formula)
    }

    const tool = {
      cursor: "default",

      // A hand that holds a thing is busy with it: a second one takes another.
      holds: contact => Boolean(contact.item || contact.handle),

      down(contact) {
        contact.shift ||= state.adding // for hands without a keyboard
        contact.handle = asking.open ? null : contact.event.target.closest("[data-handle]")?.dataset.handle
        if (contact.handle) return choice.grip(contact)
        contact.item = itemAt(...contact.from)
        if (asking.open) return
        const id = contact.item?.dataset.item
        if (!id) return contact.shift ? null : choice.clear()
        contact.was = choice.has(id)
        if (contact.shift) choice.toggle(id)
        else if (!contact.was) choice.only(id)
      },

      move(contact) {
        if (!contact.moved || asking.open) return
        if (contact.handle) return choice.pull(contact)
        if (!contact.item) return choice.surround(contact)
        contact.carry ??= lift(contact)
        if (!contact.carry.ids.length) return
        contact.by = contact.snap ? contact.snap.apply(shift(contact), contact.free) : shift(contact)
        contact.carry.by(contact.by)
        choice.follow(contact.by)
      },

      up(contact) {
        contact.shift ||= state.adding
        contact.snap?.end()
        if (contact.handle) return choice.release(contact)
        if (asking.open) return asking.pick(contact.moved ? null : contact.item)
        if (contact.carry)
          return contact.carry.ids.length
            ? surface.move(contact.carry, (contact.by ?? shift(contact)).map(round))
            : choice.drop()
        if (!contact.item && contact.moved) return choice.surrounded(contact)
        if (twice(contact)) return edit(contact.item)
        if (!contact.was || contact.shift || contact.moved) return
        choice.size === 1 ? edit(contact.item) : choice.alone(contact.item.dataset.item)
      },

      cancel(contact) {
        contact.snap?.end()
        contact.carry?.back()
        choice.drop()
      }
    }
    return tool
  }
}
