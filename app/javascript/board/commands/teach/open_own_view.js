// The teacher's own view, in a window of its own: for a second screen, or on a phone.
export default {
  word: "Your view",
  icon: "app-window",
  mode: "teach",
  run({ surface }) {
    open(`/sittings/${surface.sitting}/prompter`, "_blank", "noopener")
  }
}
