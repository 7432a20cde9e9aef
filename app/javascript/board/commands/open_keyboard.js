// The keyboard on the screen.
export default {
  word: "Keyboard",
  icon: "keyboard",
  run: ({ keyboard }) => keyboard.show()
}
