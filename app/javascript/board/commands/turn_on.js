// In Teach the keys of a clicker turn the page.
export default {
  word: "Next page",
  key: "Right, Down, Enter",
  fits: ({ surface }) => surface.mode === "teach",
  last: "yes",
  run: ({ turning }) => turning.next()
}
