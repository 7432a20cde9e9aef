// What is prepared to happen on the page at Next.
export default {
  word: "Cues",
  icon: "diamond",
  key: "Shift C",
  mode: "prepare",
  fits: ({ choice }) => choice.size < 2,
  run: ({ fetched }) => fetched.run("board/arranging/prompt_book", "toggle")
}
