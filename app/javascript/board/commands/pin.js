// Keeps chosen things where they are.
export default {
  word: "Pin",
  icon: "pin",
  fits: ({ choice }) => choice.size > 0 && !choice.data().every(({ pinned }) => pinned),
  run: ({ choice }) => choice.change({ pinned: "place" })
}
