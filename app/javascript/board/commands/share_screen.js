// A shared screen, live on the page.
export default {
  word: "Screen",
  icon: "screen-share",
  run: ({ fetched }) => fetched.run("media/live_view", "screen")
}
