// The pen: every contact draws its own stroke. The stroke is wet until Ruby's drawing replaces it.
import { newId } from "shared/ids"
import { round } from "surface/geometry"
import { edgeAt, alongEdge } from "board/drawing/straight_edge"

const LONGEST = 4000 // points of a stroke

export default {
  word: "Pen",
  icon: "pencil",
  key: "P",
  title: "Write (P)",

  make({ surface, pens, wire, tidier }) {
    const { camera, ink } = surface

    // [x, y, pressure, ms]; only a pen tells its pressure.
    const at = (event, stroke) => {
      const seen = camera.toPage(event.clientX, event.clientY),
        [x, y] = stroke.bound?.(seen) ?? seen
      const pressure = event.pointerType === "pen" && event.pressure > 0 ? round(event.pressure) : null
      return [round(x), round(y), pressure, Math.max(0, Math.round(event.timeStamp - stroke.since))]
    }

    // What is seen: where the pen went, or where the edge leads it.
    const show = ({ stroke, edge }, points) => {
      const shown = edge ? alongEdge(points, edge.ends, stroke.look.stroke_width) : points
      stroke.shown.push(...shown)
      ink.add(stroke.id, shown)
      wire.more(stroke)
    }

    // Along an edge the width stays the same, so that the side of the ink is as straight as the edge.
    const begin = (contact, event) => {
      const look = contact.edge ? { ...contact.look, nib: "even" } : contact.look
      const stroke = {
        id: newId(),
        look,
        bound: contact.bound, // a hand in a lane stays in it
        since: event.timeStamp,
        during: surface.during(),
        points: [],
        shown: [],
        page: surface.page
      }
      contact.stroke = stroke
      stroke.points.push(at(event, stroke))
      ink.begin(stroke.id, look)
      show(contact, stroke.points)
    }

    const finish = ({ stroke, edge }) => {
      wire.done(stroke)
      ink.finish(stroke.id)
      const items = [{ kind: "ink", id: stroke.id, ...stroke.look, points: stroke.points }]
      surface.do(edge ? { verb: "trace", along: edge.id, items } : { verb: "put", items }, stroke.during)
      if (!edge) tidier.drew(stroke.id)
    }

    return {
      cursor: "crosshair",
      writes: true,

      down(contact) {
        contact.look ??= pens.pen()
        contact.edge = edgeAt(contact, surface)
        begin(contact, contact.event)
      },

      move(contact, events) {
        const { stroke } = contact,
          fresh = []
        for (const event of events) {
          const point = at(event, stroke),
            last = fresh.at(-1) ?? stroke.points.at(-1)
          if (Math.hypot(point[0] - last[0], point[1] - last[1]) * camera.view.scale >= 0.8) fresh.push(point)
        }
        if (!fresh.length) return
        stroke.points.push(...fresh)
        show(contact, fresh)
        if (stroke.points.length <= LONGEST) return
        finish(contact)
        begin(contact, events.at(-1))
      },

      up: finish,

      cancel({ stroke }) {
        ink.remove(stroke.id)
        wire.off(stroke)
      }
    }
  }
}
