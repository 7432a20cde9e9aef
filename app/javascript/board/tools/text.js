// Text: tap anywhere and type; tap on text that is there to change it.
import { itemAt } from "board/pick"

export const cursor = "text"

export function up(contact, board) {
  if (contact.typing) return
  const there = itemAt(...contact.at, item => item.dataset.written)
  if (there) return board.editor.reopen(there)
  const [x, y] = contact.page
  const { colour, size, font } = board.pen
  board.editor.start({ kind: "text", x, y: y - size * 0.65, width: Math.max(240, Math.min(760, board.camera.page.width - x - 40)), height: size * 1.3, size, colour, font })
}
