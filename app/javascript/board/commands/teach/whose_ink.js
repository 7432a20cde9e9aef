// Whose ink lies on the page: names at the wall only while the teacher wants them.
export default {
  word: "Whose ink",
  icon: "user-round",
  mode: "teach",
  run: ({ fetched }) => fetched.run("board/teaching/authors", "toggle")
}
