// The page as wide as the screen.
export default {
  word: "Width",
  icon: "move-horizontal",
  title: "The page as wide as the screen",
  can: ({ state }) => !state.wide,
  run: ({ surface }) => surface.camera.fillWidth()
}
