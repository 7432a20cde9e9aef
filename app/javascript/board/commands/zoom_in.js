// One step closer.
export default {
  word: "Closer",
  icon: "zoom-in",
  key: "+, =",
  title: "Closer (+)",
  can: ({ state }) => !state.closest,
  run: ({ surface }) => surface.camera.zoom(1.25)
}
