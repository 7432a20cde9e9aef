// What the shape tools share: a preview while dragging, then the operation. The kinds differ in how
// a drag from one place to another becomes values.
import { newId } from "shared/ids"
import { round } from "board/carry"

const SVG = "http://www.w3.org/2000/svg"
const SMALLEST = 6

// closed: shapes with an inside, drawn in the box of the drag; else lines from end to end.
export function dragShape({ kind, closed, element }) {
  return {
    cursor: "crosshair",

    move(contact, board) {
      if (!contact.moved) return
      contact.preview ??= board.previews.appendChild(document.createElementNS(SVG, element))
      const { colour, breadth, fill } = board.pen
      const shown = { stroke: colour, "stroke-width": breadth, fill: closed && fill ? fill : "none", "stroke-linecap": "round", ...place(contact, closed, element) }
      for (const [name, value] of Object.entries(shown)) contact.preview.setAttribute(name, value)
    },

    up(contact, board) {
      if (!contact.preview) return
      const box = span(contact)
      if (Math.hypot(box.width, box.height) < SMALLEST) return contact.preview.remove()
      const { colour, breadth, fill } = board.pen
      const id = newId()
      board.hold(id, contact.preview)
      const own = closed ? { fill: fill ?? "none" } : { ends: ends(contact) }
      board.do({ verb: "put", items: [{ kind, id, ...box, stroke: colour, breadth, ...own }] })
    },

    cancel(contact) { contact.preview?.remove() }
  }
}

// With Shift a closed shape is as wide as high, and a line goes in steps of 15 degrees.
function end({ origin, page, shift }, closed) {
  if (!shift) return page
  const [dx, dy] = [page[0] - origin[0], page[1] - origin[1]]
  if (closed) {
    const side = Math.max(Math.abs(dx), Math.abs(dy))
    return [origin[0] + Math.sign(dx || 1) * side, origin[1] + Math.sign(dy || 1) * side]
  }
  const angle = Math.round(Math.atan2(dy, dx) / (Math.PI / 12)) * (Math.PI / 12)
  const length = Math.hypot(dx, dy)
  return [origin[0] + Math.cos(angle) * length, origin[1] + Math.sin(angle) * length]
}

function span(contact) {
  const [ox, oy] = contact.origin, [px, py] = contact.end ?? contact.page
  return { x: round(Math.min(ox, px)), y: round(Math.min(oy, py)), width: round(Math.abs(px - ox)), height: round(Math.abs(py - oy)) }
}

// Which corner of the box the line begins at, as shares.
function ends({ origin, end, page }) {
  const [px, py] = end ?? page
  const begin = [px < origin[0] ? 1 : 0, py < origin[1] ? 1 : 0]
  return [begin, begin.map(share => 1 - share)]
}

function place(contact, closed, element) {
  contact.end = end(contact, closed)
  const box = span(contact)
  if (element === "rect") return box
  if (element === "ellipse") return { cx: box.x + box.width / 2, cy: box.y + box.height / 2, rx: box.width / 2, ry: box.height / 2 }
  const [x1, y1] = contact.origin, [x2, y2] = contact.end
  return { x1, y1, x2, y2 }
}
