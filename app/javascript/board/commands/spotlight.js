// Everything but a part of the page is dimmed.
export default {
  word: "Spotlight",
  icon: "lamp",
  pressed: ({ state }) => state.spotlight,
  run: ({ fetched }) => fetched.run("board/glass/spotlight", "toggle")
}
