// Text: tap anywhere and type; tap on text that is there to change it.
import { itemAt } from "surface/pick"
import { newText } from "board/writing/new_text"

export default {
  word: "Text",
  icon: "type",
  key: "T",
  title: "Text, notes, tiles, formulas, symbols (T)",

  make: parts => ({
    cursor: "text",

    up(contact) {
      if (contact.typing) return
      const there = itemAt(...contact.at, item => item.dataset.written)
      there ? parts.editor.reopen(there) : newText(parts, contact.page)
    }
  })
}
