// A sticky note where it is tapped, open for writing.
import { itemAt } from "surface/pick"

export default {
  word: "Note",
  icon: "sticky-note",
  key: "N",
  title: "Sticky note (N)",

  make: ({ editor, state, facts }) => ({
    cursor: "copy",

    up(contact) {
      if (contact.typing) return
      const there = itemAt(...contact.at, item => item.dataset.kind === "note")
      if (there) return editor.reopen(there)
      const [x, y] = contact.page,
        { width, height } = facts.kinds.note.laid
      editor.start({ kind: "note", x: x - width / 2, y: y - 40, width, height, size: 30, card: state.pen.card })
    }
  })
}
