// Copies what is chosen.
export default {
  word: "Copy",
  icon: "copy",
  title: "Ctrl C",
  fits: ({ choice }) => choice.size > 0,
  run: ({ clipboard }) => clipboard.copy()
}
