// One step further.
export default {
  word: "Further",
  icon: "zoom-out",
  key: "-",
  title: "Further (−)",
  can: ({ state }) => !state.furthest,
  run: ({ surface }) => surface.camera.zoom(0.8)
}
