// Everything that can be done with what is chosen.
export default {
  word: "More",
  icon: "ellipsis",
  fits: ({ choice }) => choice.size > 0,
  run: ({ sheet }) => sheet.toggle()
}
