// Turns to the next page.
export default {
  word: "Next page",
  icon: "chevron-right",
  key: "Page Down",
  mode: "prepare",
  can: ({ state }) => state.number < state.pages,
  run: ({ turning }) => turning.next()
}
