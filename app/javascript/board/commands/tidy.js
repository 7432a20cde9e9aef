// Tidy as a switch on the pen: what is drawn becomes exact.
import { say } from "shared/say"

export default {
  word: "Tidy",
  icon: "wand-sparkles",
  key: "D",
  title: "Shapes become exact, letters stay (D)",
  pressed: ({ state }) => state.tidy,

  run({ state, fetched }) {
    state.tidy = !state.tidy
    say(state.tidy ? "Tidy is on: shapes become exact, letters stay." : "Tidy is off.")
    if (state.tidy) fetched.part("board/drawing/tidier").catch(() => {}) // while there is a network
  }
}
