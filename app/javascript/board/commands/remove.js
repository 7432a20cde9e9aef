// Takes what is chosen off the page.
export default {
  word: "Delete",
  icon: "trash-2",
  key: "Delete, Backspace",
  where: "arrange",
  fits: ({ choice }) => choice.size > 0,
  run: ({ choice }) => choice.remove()
}
