// The wall goes dark until the next key or tap: all look at the teacher. The key of clickers.
export default {
  word: "Dark screen",
  key: "B, .",
  mode: "teach",
  run: ({ dark }) => dark.toggle()
}
