// What the class did to this page becomes how it is prepared.
import { send } from "shared/net"
import { say } from "shared/say"

export default {
  word: "Keep it so",
  icon: "check",

  async run({ surface, state }) {
    await surface.settled()
    const kept = send("PATCH", `/pages/${surface.page}/preparation`, { sitting: surface.lately })
    await kept.then(
      () => {
        state.since = 0
      },
      error => say(error.message)
    )
  }
}
