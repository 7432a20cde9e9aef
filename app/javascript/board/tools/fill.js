// The fill tool colours what is tapped. Which of its colours that is, the core knows.
import { itemAt } from "surface/pick"
import { say } from "shared/say"

export default {
  word: "Fill",
  icon: "paint-bucket",
  key: "F",
  title: "Colour what you tap (F)",

  make: ({ surface, state }) => ({
    cursor: "cell",

    up(contact) {
      const item = itemAt(...contact.at)
      if (!item) return say("Tap a shape, a card, a tile, a line or a word to colour it.")
      surface.do({ verb: "fill", ids: [item.dataset.item], colour: state.pen.fill ?? "none" })
    }
  })
}
