// The pen: every contact draws its own stroke. The stroke is wet until Ruby's drawing replaces it.
import { newId } from "shared/ids"

export const cursor = "crosshair"
export const writes = true
const LONGEST = 4000

export function down(contact, board) { begin(contact, board, contact.event) }

export function move(contact, board, events) {
  const { stroke } = contact
  const fresh = []
  for (const event of events) {
    const point = at(event, board, stroke)
    const last = fresh.at(-1) ?? stroke.points.at(-1)
    if (Math.hypot(point[0] - last[0], point[1] - last[1]) * board.camera.view.scale >= 0.8) fresh.push(point)
  }
  if (!fresh.length) return
  stroke.points.push(...fresh)
  board.wet.add(stroke.id, fresh)
  board.wetLine.more(stroke)
  if (stroke.points.length > LONGEST) { finish(contact, board); begin(contact, board, events.at(-1)) }
}

export function up(contact, board) { finish(contact, board) }

export function cancel(contact, board) {
  board.wet.remove(contact.stroke.id)
  board.wetLine.off(contact.stroke)
}

function begin(contact, board, event) {
  const { colour, breadth } = board.pen
  const stroke = { id: newId(), colour, breadth, since: event.timeStamp, during: board.during(), points: [], page: board.page }
  contact.stroke = stroke
  stroke.points.push(at(event, board, stroke))
  board.wet.begin(stroke.id, colour, breadth)
  board.wet.add(stroke.id, stroke.points)
  board.wetLine.more(stroke)
}

function finish({ stroke }, board) {
  board.wetLine.done(stroke)
  board.do({ verb: "put", items: [{ kind: "ink", id: stroke.id, colour: stroke.colour, breadth: stroke.breadth, points: stroke.points }] }, stroke.during)
}

// [x, y, pressure, ms]; only a pen tells its pressure.
function at(event, board, stroke) {
  const [x, y] = board.camera.toPage(event.clientX, event.clientY)
  const hundredth = number => Math.round(number * 100) / 100
  return [hundredth(x), hundredth(y), event.pointerType === "pen" ? hundredth(event.pressure) : null, Math.max(0, Math.round(event.timeStamp - stroke.since))]
}
