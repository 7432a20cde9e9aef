// Reads a chosen text aloud.
export default {
  word: "Hear it",
  icon: "ear",
  run: ({ room }) => room.hear()
}
