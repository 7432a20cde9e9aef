// All of what is chosen again, beside itself.
export default {
  word: "Duplicate",
  icon: "copy-plus",
  key: "Ctrl D",
  fits: ({ choice }) => choice.size > 0,
  run: ({ clipboard }) => clipboard.duplicate()
}
