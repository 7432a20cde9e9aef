// One page unit to one pixel.
export default {
  word: "To 100 %",
  title: "To 100 %",
  can: ({ state }) => state.zoom !== "100 %",
  run: ({ surface }) => surface.camera.actual()
}
