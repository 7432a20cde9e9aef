// The whole page.
export default {
  word: "Fit",
  icon: "scan",
  key: "0",
  title: "Whole page (0)",
  run: ({ surface }) => surface.camera.fit()
}
