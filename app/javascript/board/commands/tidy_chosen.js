// Exact shapes of chosen ink.
export default {
  word: "Tidy",
  icon: "wand-sparkles",
  key: "Y",
  where: "arrange",
  fits: ({ choice }) => choice.size > 0 && choice.data().every(({ kind }) => kind === "ink"),
  run: ({ choice }) => {
    choice.do({ verb: "tidy" })
    choice.clear()
  }
}
