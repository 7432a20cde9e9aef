// In Teach the keys of a clicker turn back.
export default {
  word: "Page before",
  key: "Left, Up",
  fits: ({ surface }) => surface.mode === "teach",
  last: "yes",
  run: ({ turning }) => turning.previous()
}
