// Behind everything.
export default {
  word: "To the back",
  icon: "arrow-down-to-line",
  key: "[",
  where: "arrange",
  fits: ({ choice }) => choice.size > 0,
  run: ({ choice }) => choice.do({ verb: "reorder", to: "back" })
}
