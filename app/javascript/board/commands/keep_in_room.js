// What is chosen goes into the store room.
export default {
  word: "Keep in store room",
  icon: "archive",
  run: ({ room }) => room.keepSet()
}
