// Next, by key or clicker: the next cue of the page, then the next page.
export default {
  word: "Next",
  key: "Page Down, Right, Down, Enter",
  mode: "teach",
  last: "yes",
  run: ({ state, turning, fetched }) =>
    state.prompts.length ? fetched.run("board/teaching/prompter", "next") : turning.next()
}
