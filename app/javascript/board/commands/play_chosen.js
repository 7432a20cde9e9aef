// Opens a chosen sound, video or framed page in Use.
export default {
  word: "Open",
  icon: "play",
  fits: ({ choice }) => choice.size === 1 && choice.data().every(({ plays, framed }) => plays || framed),
  run: ({ choice, toolbox, room }) => {
    const [chosen] = choice.elements()
    toolbox.choose("use")
    chosen.dataset.framed ? room.frame(chosen) : room.play(chosen)
  }
}
