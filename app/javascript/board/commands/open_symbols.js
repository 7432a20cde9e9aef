// The bank of symbols and units.
export default {
  word: "Symbols",
  icon: "omega",
  run: ({ fetched }) => fetched.run("board/writing/symbols", "show")
}
