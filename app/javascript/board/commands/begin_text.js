// With the text in hand, Enter begins one in the middle of what is in view.
import { newText } from "board/writing/new_text"

export default {
  word: "Begin a text",
  key: "Enter",
  where: "text",
  fits: ({ editor }) => !editor.open,
  run(parts) {
    const { camera, stage } = parts.surface,
      [left, top, right, bottom] = camera.insets()
    const middle = [(left + stage.clientWidth - right) / 2, (top + stage.clientHeight - bottom) / 2]
    const { left: x, top: y } = stage.getBoundingClientRect()
    newText(parts, camera.toPage(x + middle[0], y + middle[1]))
  }
}
