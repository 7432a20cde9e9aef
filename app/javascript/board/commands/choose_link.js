// What a tap on the chosen things opens.
export default {
  word: "Choose what it opens",
  icon: "link",
  run: ({ fetched }) => fetched.run("board/arranging/links", "show")
}
