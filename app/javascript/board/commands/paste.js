// Pastes what was copied last.
export default {
  word: "Paste",
  icon: "clipboard-paste",
  title: "Ctrl V",
  run: ({ clipboard }) => clipboard.paste()
}
