// The laser pointer: a dot that leaves nothing behind; the devices see it too.
export const cursor = "none"
const EVERY = 60 // ms between two messages to the devices

export function hover(event, board) { point(event, board) }
export function down(contact, board) { point(contact.event, board) }
export function move(contact, board, events) { point(events.at(-1), board) }
export function leave(board) {
  board.dot.setAttribute("visibility", "hidden")
  board.live?.perform("pointer", {})
  board.recorder.point()
}

let last = 0
function point(event, board) {
  const [x, y] = board.camera.toPage(event.clientX, event.clientY)
  board.dot.setAttribute("visibility", "visible")
  board.dot.setAttribute("transform", `translate(${x} ${y})`)
  if (event.timeStamp - last < EVERY) return
  last = event.timeStamp
  board.live?.perform("pointer", { x: Math.round(x), y: Math.round(y) })
  board.recorder.point(x, y)
}
