// One step closer.
export default {
  word: "Closer",
  icon: "zoom-in",
  key: "+, =",
  title: "Closer (+)",
  run: ({ surface }) => surface.camera.zoom(1.25)
}
