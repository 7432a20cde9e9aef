// Turns back a page.
export default {
  word: "Page before",
  icon: "chevron-left",
  key: "Page Up",
  mode: "prepare",
  can: ({ state }) => state.number > 1,
  run: ({ turning }) => turning.previous()
}
