// What the shape tools share: a preview while dragging, then the operation.
import { newId } from "shared/ids"
import { round } from "surface/geometry"
import { make, put } from "surface/svg"
import { shapes } from "board/drawing/shapes"

const SMALLEST = 6 // page units across
const KEYS = { rectangle: "R", ellipse: "O", line: "L", arrow: "W", curve: "C", star: "S" }

// The tool for the shape of this name (drawing/shapes).
export const dragShape = name => ({
  key: KEYS[name],

  make({ surface, state, choice, editor }) {
    const shape = () => shapes(state.pen)[name]

    return {
      cursor: "crosshair",

      move(contact) {
        if (!contact.moved) return
        const { closed } = shape()
        contact.end = end(contact, closed)
        const { element, attributes } = closed ? shape().preview(span(contact)) : between(contact, shape())
        contact.preview ??= surface.previews.appendChild(make(element))
        const { colour, stroke_width, fill, opacity } = state.pen
        const joins = { "stroke-linecap": "round", "stroke-linejoin": "round" }
        put(contact.preview, {
          stroke: colour,
          "stroke-width": stroke_width,
          fill: closed && fill ? fill : "none",
          ...joins,
          opacity,
          ...attributes
        })
      },

      up(contact) {
        if (!contact.preview) return
        const box = span(contact)
        if (Math.hypot(box.width, box.height) < SMALLEST) return contact.preview.remove()
        const { kind, values, writes } = shape(),
          id = newId()
        surface.hold(id, contact.preview)
        surface.do({
          verb: "put",
          items: [{ kind, id, ...box, ...look(state.pen, shape()), ...values(), ...ends(contact, shape()) }]
        })
        if (writes) choice.onceKept(() => editor.reopen(surface.view.find(id)))
      },

      cancel: contact => contact.preview?.remove()
    }
  }
})

function look({ colour, stroke_width, dash, fill, opacity }, { kind, closed }) {
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
  const [ox, oy] = contact.origin,
    [px, py] = contact.end ?? contact.page
  return {
    x: round(Math.min(ox, px)),
    y: round(Math.min(oy, py)),
    width: round(Math.abs(px - ox)),
    height: round(Math.abs(py - oy))
  }
}

// Which corner of the box the line begins at, as shares; a curve starts out bent upwards from its ends.
function ends({ origin, end }, { closed, bends }) {
  if (closed) return {}
  const begin = [end[0] < origin[0] ? 1 : 0, end[1] < origin[1] ? 1 : 0],
    finish = begin.map(share => 1 - share)
  if (!bends) return { ends: [begin, finish] }
  const third = (share, aside) =>
    begin.map((from, axis) => Math.round((from + (finish[axis] - from) * share - (axis ? aside : 0)) * 1e4) / 1e4)
  return { shares: [begin, third(0.33, 0.5), third(0.67, 0.5), finish] }
}

function between(contact, { bends }) {
  const [x1, y1] = contact.origin,
    [x2, y2] = contact.end
  if (!bends) return { element: "line", attributes: { x1, y1, x2, y2 } }
  const box = span(contact),
    places = ends(contact, { bends }).shares.map(
      ([across, down]) => `${box.x + across * box.width} ${box.y + down * box.height}`
    )
  return { element: "path", attributes: { d: `M${places[0]}C${places.slice(1).join(" ")}` } }
}
