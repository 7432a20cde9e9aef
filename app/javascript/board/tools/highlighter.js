// The highlighter: broad ink that can be seen through, drawn like the pen's.
import pen from "board/tools/pen"

export default {
  word: "Highlight",
  icon: "highlighter",
  key: "H",
  title: "Highlighter (H)",

  make(parts) {
    const drawn = pen.make(parts)
    return {
      ...drawn,
      down(contact) {
        contact.look ??= parts.pens.marker()
        drawn.down(contact)
      }
    }
  }
}
