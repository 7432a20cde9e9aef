// Cuts what is chosen.
export default {
  word: "Cut",
  icon: "scissors",
  title: "Ctrl X",
  fits: ({ choice }) => choice.size > 0,
  run: ({ clipboard }) => clipboard.cut()
}
