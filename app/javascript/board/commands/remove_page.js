// Deletes this page, with a way back.
export default {
  word: "Delete page",
  icon: "trash-2",
  can: ({ state }) => state.pages > 1,
  run: ({ order }) => order.remove()
}
