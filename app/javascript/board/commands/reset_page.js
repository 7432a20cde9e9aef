// The page as it was prepared. In Teach a step like any other; in Prepare what the class did is taken off behind
// the scenes.
import { newId } from "shared/ids"
import { send } from "shared/net"
import { say } from "shared/say"

export default {
  word: "Reset",
  icon: "rotate-ccw",
  title: "The page as it was prepared",

  run({ surface, state, choice }) {
    choice.clear()
    if (surface.mode === "teach") return surface.step("reset")
    const { page, lately: sitting } = surface,
      { since } = state
    const step = way => send("POST", `/pages/${page}/${way}`, { id: newId(), sitting })
    const failed = error => say(error.message)
    const back = () =>
      step("undo").then(() => {
        if (surface.page === page) state.since = since
      }, failed)
    return step("reset").then(() => {
      state.since = 0
      say("What was done in class is off this page.", { action: "Put it back", run: back, seconds: 10 })
    }, failed)
  }
}
