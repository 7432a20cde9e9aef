// A sticky note where it is tapped, open for writing.
import { itemAt } from "board/pick"

export const cursor = "copy"
const SIDE = [340, 220]

export function up(contact, board) {
  if (contact.typing) return
  const there = itemAt(...contact.at, item => item.dataset.kind === "note")
  if (there) return board.editor.reopen(there)
  const [x, y] = contact.page
  board.editor.start({ kind: "note", x: x - SIDE[0] / 2, y: y - 40, width: SIDE[0], height: SIDE[1], size: 30, card: board.pen.card })
}
