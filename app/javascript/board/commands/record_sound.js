// Records with the microphone onto the page.
export default {
  word: "Record",
  icon: "mic",
  run: ({ fetched }) => fetched.run("media/sound_recorder", "open")
}
