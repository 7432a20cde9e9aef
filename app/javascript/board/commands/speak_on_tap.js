// A tap on what is chosen reads it aloud.
export default {
  word: "A tap reads it aloud",
  icon: "ear",
  run: ({ choice, room }) => choice.change({ link: { to: "speech", ...room.speech() } })
}
