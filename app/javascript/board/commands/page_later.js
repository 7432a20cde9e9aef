// This page one place later.
export default {
  word: "Later",
  icon: "chevron-right",
  run: ({ order }) => order.moveBy(1)
}
