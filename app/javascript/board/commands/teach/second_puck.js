// Tools of their own for a second person, at the other side of the board.
export default {
  word: "Second puck",
  icon: "users",
  mode: "teach",
  pressed: ({ state }) => Boolean(state.second),
  run: ({ fetched }) => fetched.run("board/teaching/second_puck", "toggle")
}
