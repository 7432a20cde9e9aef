// This page again, behind it.
export default {
  word: "Duplicate",
  icon: "copy",
  run: ({ order }) => order.duplicate()
}
