// Takes back the latest step on this page.
export default {
  word: "Undo",
  icon: "undo-2",
  key: "Ctrl Z",
  can: ({ state }) => state.undo,
  run: ({ surface }) => surface.step("undo")
}
