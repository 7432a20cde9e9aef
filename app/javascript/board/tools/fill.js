// The fill tool colours what is tapped. Which of its colours that is, the core knows.
import { itemAt } from "board/pick"
import { say } from "shared/say"

export const cursor = "cell"

export function up(contact, board) {
  const item = itemAt(...contact.at)
  if (!item) return say("Tap a shape, a card, a tile, a line or a word to colour it.")
  board.do({ verb: "fill", ids: [item.dataset.item], colour: board.pen.fill ?? "none" })
}
