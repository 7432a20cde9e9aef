// Tiles from a list.
export default {
  word: "Tiles",
  icon: "grid-2x2",
  run: ({ fetched }) => fetched.run("board/making/tiles", "open")
}
