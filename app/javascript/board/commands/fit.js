// The whole page.
export default {
  word: "Fit",
  icon: "scan",
  key: "0",
  title: "Whole page (0)",
  can: ({ state }) => !state.fitted,
  run: ({ surface }) => surface.camera.fit()
}
