// This page one place earlier.
export default {
  word: "Earlier",
  icon: "chevron-left",
  run: ({ order }) => order.moveBy(-1)
}
