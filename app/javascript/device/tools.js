// The tools of a device that a board has in another way: a pointer with a name, taking off what one wrote oneself, moving
// things that lie free.
import { Carry } from "surface/carry"
import { itemAt } from "surface/pick"
import { round } from "surface/geometry"

const EVERY = 60 // ms between two words of where it points

export function pointing(perform, surface) {
  let last = 0
  const point = event => {
    if (event.timeStamp - last < EVERY) return
    last = event.timeStamp
    const [x, y] = surface.camera.toPage(event.clientX, event.clientY)
    perform("pointer", { x: Math.round(x), y: Math.round(y) })
  }
  const away = () => {
    last = 0
    perform("pointer", {})
  }
  return {
    writes: true,
    down: ({ event }) => point(event),
    move: (_contact, events) => point(events.at(-1)),
    up: away,
    cancel: away
  }
}

// mine: the ids of what this student wrote.
export function taking({ surface, mine }) {
  const sweep = (contact, [x, y]) => {
    const stroke = itemAt(x, y, ({ dataset }) => mine.has(dataset.item) && !contact.ids.has(dataset.item))
    if (!stroke) return
    contact.ids.add(stroke.dataset.item)
    stroke.setAttribute("visibility", "hidden")
  }
  return {
    writes: true,
    down(contact) {
      contact.ids = new Set()
      sweep(contact, contact.at)
    },
    move: (contact, events) => events.forEach(({ clientX, clientY }) => sweep(contact, [clientX, clientY])),
    up: ({ ids }) => ids.size && surface.do({ verb: "remove", ids: [...ids] }),
    cancel: ({ ids }) => ids.forEach(id => surface.view.find(id)?.removeAttribute("visibility"))
  }
}

export function moving(surface) {
  const shift = ({ page, origin }) => [round(page[0] - origin[0]), round(page[1] - origin[1])]
  const free = element => !element.dataset.pinned && !element.dataset.pile && element.dataset.kind !== "cover"
  return {
    writes: true,
    down(contact) {
      const item = itemAt(...contact.at, free)
      if (item) contact.carry = new Carry(surface.view, surface.view.mates(item).filter(free))
    },
    move: contact => contact.carry?.by(shift(contact)),
    up(contact) {
      const by = contact.carry && shift(contact)
      if (by?.some(Boolean)) surface.move(contact.carry, by)
    },
    cancel: contact => contact.carry?.back()
  }
}
