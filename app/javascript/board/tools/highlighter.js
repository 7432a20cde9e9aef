// The highlighter: broad ink that can be seen through, drawn like the pen's.
import * as pen from "board/tools/pen"

export const { cursor, writes, move, up, cancel } = pen

export function down(contact, board) {
  contact.look ??= board.markerLook()
  pen.down(contact, board)
}
