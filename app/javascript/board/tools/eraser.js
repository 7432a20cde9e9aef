// The eraser takes off whole strokes that it passes over.
import { itemAt } from "board/pick"

export const cursor = "cell"
export const writes = true

export function down(contact, board) {
  contact.ids = new Set()
  rub(contact, board, ...contact.from)
}

export function move(contact, board, events) {
  for (const event of events) {
    const [x, y] = contact.last ?? contact.from
    const steps = Math.max(1, Math.ceil(Math.hypot(event.clientX - x, event.clientY - y) / 6))
    for (let step = 1; step <= steps; step++) rub(contact, board, x + (event.clientX - x) * step / steps, y + (event.clientY - y) * step / steps)
    contact.last = [event.clientX, event.clientY]
  }
}

export function up(contact, board) {
  if (contact.ids.size) board.do({ verb: "remove", ids: [...contact.ids] })
}

export function cancel(contact, board) {
  for (const id of contact.ids) board.view.find(id)?.removeAttribute("visibility")
}

function rub(contact, board, x, y) {
  const stroke = itemAt(x, y, item => item.dataset.kind === "ink" && !contact.ids.has(item.dataset.item))
  if (!stroke) return
  contact.ids.add(stroke.dataset.item)
  stroke.setAttribute("visibility", "hidden")
}
