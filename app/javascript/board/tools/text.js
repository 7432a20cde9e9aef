// Text: tap anywhere and type; tap on text that is there to change it.
import { itemAt } from "surface/pick"

const NARROWEST = 240,
  WIDEST = 760 // page units of a new text

export default {
  word: "Text",
  icon: "type",
  key: "T",
  title: "Text, notes, tiles, formulas, symbols (T)",

  make: ({ surface, editor, state }) => ({
    cursor: "text",

    up(contact) {
      if (contact.typing) return
      const there = itemAt(...contact.at, item => item.dataset.written)
      if (there) return editor.reopen(there)
      const [x, y] = contact.page,
        { colour, size, font } = state.pen
      const width = Math.max(NARROWEST, Math.min(WIDEST, surface.camera.page.width - x - 40))
      editor.start({ kind: "text", x, y: y - size * 0.65, width, height: size * 1.3, size, colour, font })
    }
  })
}
