// A part of the page, larger.
export default {
  word: "Magnify",
  icon: "search",
  pressed: ({ state }) => state.magnifier,
  run: ({ fetched }) => fetched.run("board/glass/magnifier", "toggle")
}
