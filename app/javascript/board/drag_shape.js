// What the shape tools share: a preview while dragging, then the operation.
import { newId } from "shared/ids"
import { round } from "board/carry"
import { shapes } from "board/shapes"

const SVG = "http://www.w3.org/2000/svg"
const SMALLEST = 6

// The tool for the shape of this name (board/shapes).
export function dragShape(name) {
  return {
    cursor: "crosshair",

    move(contact, board) {
      if (!contact.moved) return
      const shape = shapes(board.store.pen)[name]
      contact.end = end(contact, shape.closed)
      const { element, attributes } = shape.closed ? shape.preview(span(contact)) : between(contact, shape)
      contact.preview ??= board.previews.appendChild(document.createElementNS(SVG, element))
      const { colour, stroke_width, fill, opacity } = board.pen
      const shown = { stroke: colour, "stroke-width": stroke_width, fill: shape.closed && fill ? fill : "none", "stroke-linecap": "round", "stroke-linejoin": "round", opacity, ...attributes }
      for (const [key, value] of Object.entries(shown)) contact.preview.setAttribute(key, value)
    },

    up(contact, board) {
      if (!contact.preview) return
      const box = span(contact)
      if (Math.hypot(box.width, box.height) < SMALLEST) return contact.preview.remove()
      const shape = shapes(board.store.pen)[name], id = newId()
      board.hold(id, contact.preview)
      board.do({ verb: "put", items: [{ kind: shape.kind, id, ...box, ...look(board.pen, shape), ...shape.values(), ...ends(contact, shape) }] })
      if (shape.writes) board.onceKept(() => board.editor.reopen(board.view.find(id)))
    },

    cancel(contact) { contact.preview?.remove() }
  }
}

function look({ colour, stroke_width, dash, fill, opacity, card }, { kind, closed }) {
  if (kind === "callout") return { stroke: colour, stroke_width: Math.min(stroke_width, 12), card: fill ?? "#ffffff" }
  return { stroke: colour, stroke_width, dash, opacity, ...(closed ? { fill: fill ?? "none" } : {}) }
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

// Which corner of the box the line begins at, as shares; a curve starts out bent upwards from its ends.
function ends({ origin, end }, { closed, bends }) {
  if (closed) return {}
  const begin = [end[0] < origin[0] ? 1 : 0, end[1] < origin[1] ? 1 : 0], finish = begin.map(share => 1 - share)
  if (!bends) return { ends: [begin, finish] }
  const third = (share, aside) => begin.map((from, axis) => Math.round((from + (finish[axis] - from) * share - (axis ? aside : 0)) * 1e4) / 1e4)
  return { shares: [begin, third(0.33, 0.5), third(0.67, 0.5), finish] }
}

function between(contact, { bends }) {
  const [x1, y1] = contact.origin, [x2, y2] = contact.end
  if (!bends) return { element: "line", attributes: { x1, y1, x2, y2 } }
  const box = span(contact), places = ends(contact, { bends }).shares.map(([across, down]) => `${box.x + across * box.width} ${box.y + down * box.height}`)
  return { element: "path", attributes: { d: `M${places[0]}C${places.slice(1).join(" ")}` } }
}
