// Makes the step again that was taken back last.
export default {
  word: "Redo",
  icon: "redo-2",
  key: "Ctrl Shift Z, Ctrl Y",
  can: ({ state }) => state.redo,
  run: ({ surface }) => surface.step("redo")
}
