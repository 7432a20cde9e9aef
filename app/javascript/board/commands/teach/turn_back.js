// Back, by key or clicker: takes the last cue back, or turns to the page before.
export default {
  word: "Back",
  icon: "undo-2",
  key: "Page Up, Left, Up",
  mode: "teach",
  last: "yes",
  run: ({ state, turning, fetched }) =>
    state.prompts.length ? fetched.run("board/teaching/prompter", "back") : turning.previous()
}
