// Takes back the latest step on this page; right after a page was deleted, that.
export default {
  word: "Undo",
  icon: "undo-2",
  key: "Ctrl Z",
  can: ({ state }) => state.undo || state.deleted,
  run: ({ surface, order }) => (order.deleted ? order.bringBack() : surface.step("undo"))
}
