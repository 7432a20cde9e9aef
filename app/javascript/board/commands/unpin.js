// Lets chosen things be moved again.
export default {
  word: "Unpin",
  icon: "pin-off",
  fits: ({ choice }) => choice.size > 0 && choice.data().every(({ pinned }) => pinned),
  run: ({ choice }) => choice.change({ pinned: "no" })
}
