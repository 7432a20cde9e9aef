// Pauses the take, or goes on with it.
export default {
  word: "Pause the take",
  icon: "pause",
  run: ({ state, recorder }) => (state.recording === "paused" ? recorder.resume() : recorder.pause())
}
