// Countdown, scores, draws, dice: what runs the room.
import { load } from "shared/page"

export default {
  word: "Class tools",
  icon: "timer",
  mode: "teach",
  run({ surface }) {
    document.getElementById("tools-sheet").showModal()
    load("GET", `/sittings/${surface.sitting}/class_tools/new`, "#tools-body")
  }
}
