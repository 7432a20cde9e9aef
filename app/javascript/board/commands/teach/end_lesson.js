// The lesson is over: what becomes of what was written.
export default {
  word: "End the lesson",
  icon: "flag",
  mode: "teach",
  run: ({ fetched }) => fetched.run("board/teaching/ending", "ask")
}
