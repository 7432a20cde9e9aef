// The pen: every contact draws its own stroke. The stroke is wet until Ruby's drawing replaces it.
import { newId } from "shared/ids"
import { edgeAt, alongEdge } from "board/straight_edge"

export const cursor = "crosshair"
export const writes = true
const LONGEST = 4000

export function down(contact, board) {
  contact.look ??= board.penLook()
  contact.edge = edgeAt(contact, board)
  begin(contact, board, contact.event)
}

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
  show(contact, board, fresh)
  if (stroke.points.length > LONGEST) { finish(contact, board); begin(contact, board, events.at(-1)) }
}

export function up(contact, board) { finish(contact, board) }

export function cancel(contact, board) {
  board.wet.remove(contact.stroke.id)
  board.wetLine.off(contact.stroke)
}

function begin(contact, board, event) {
  // Along an edge the width stays the same, so that the side of the ink is as straight as the edge.
  const look = contact.edge ? { ...contact.look, nib: "even" } : contact.look
  const stroke = { id: newId(), look, since: event.timeStamp, during: board.during(), points: [], shown: [], page: board.page }
  contact.stroke = stroke
  stroke.points.push(at(event, board, stroke))
  board.wet.begin(stroke.id, look)
  show(contact, board, stroke.points)
}

// What is seen: where the pen went, or where the edge leads it.
function show({ stroke, edge }, board, points) {
  const shown = edge ? alongEdge(points, edge.ends, stroke.look.stroke_width) : points
  stroke.shown.push(...shown)
  board.wet.add(stroke.id, shown)
  board.wetLine.more(stroke)
}

function finish({ stroke, edge }, board) {
  board.wetLine.done(stroke)
  board.wet.finish(stroke.id)
  const items = [{ kind: "ink", id: stroke.id, ...stroke.look, points: stroke.points }]
  board.do(edge ? { verb: "trace", along: edge.id, items } : { verb: "put", items }, stroke.during)
  if (!edge) board.tidier.drew(stroke.id)
}

// [x, y, pressure, ms]; only a pen tells its pressure.
function at(event, board, stroke) {
  const [x, y] = board.camera.toPage(event.clientX, event.clientY)
  const hundredth = number => Math.round(number * 100) / 100
  return [hundredth(x), hundredth(y), event.pointerType === "pen" && event.pressure > 0 ? hundredth(event.pressure) : null, Math.max(0, Math.round(event.timeStamp - stroke.since))]
}
