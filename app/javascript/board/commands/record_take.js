// Begins a take, or stops it.
export default {
  word: "Record a take",
  icon: "mic",
  can: ({ state }) => state.recording !== "stopping",
  run: ({ state, recorder }) => (state.recording ? recorder.stop() : recorder.start())
}
