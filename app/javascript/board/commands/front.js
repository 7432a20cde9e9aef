// In front of everything.
export default {
  word: "To the front",
  icon: "arrow-up-to-line",
  key: "]",
  where: "arrange",
  fits: ({ choice }) => choice.size > 0,
  run: ({ choice }) => choice.do({ verb: "reorder", to: "front" })
}
