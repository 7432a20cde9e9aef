// A formula.
export default {
  word: "Formula",
  icon: "radical",
  run: ({ fetched }) => fetched.run("board/making/formula", "open")
}
