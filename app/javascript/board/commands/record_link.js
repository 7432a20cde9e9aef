// Records a sound that a tap on what is chosen plays.
export default {
  word: "Record one for a tap",
  icon: "mic",
  run: ({ fetched, choice }) => fetched.run("media/sound_recorder", "open", choice.ids())
}
