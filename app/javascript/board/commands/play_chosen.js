// Opens a chosen sound, video, framed page or activity in Use.
import { press } from "board/arranging/pressing"

export default {
  word: "Open",
  icon: "play",
  fits: ({ choice }) =>
    choice.size === 1 && choice.data().every(({ plays, framed, activity }) => plays || framed || activity),
  run: ({ choice, open, room, toolbox, surface }) => {
    const [chosen] = choice.elements()
    toolbox.choose("use")
    press({ surface, room, open }, chosen)
  }
}
