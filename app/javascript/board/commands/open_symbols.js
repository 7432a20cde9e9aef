// The bank of symbols and units.
export default {
  word: "Symbols",
  icon: "omega",
  run: ({ symbols }) => symbols.show()
}
