// Taps, frames and lassos add to the choice.
export default {
  word: "Add to choice",
  icon: "list-plus",
  title: "Taps, frames and lassos add to the choice, or take out of it (or hold Shift)",
  pressed: ({ state }) => state.adding,
  run: ({ state }) => {
    state.adding = !state.adding
  }
}
