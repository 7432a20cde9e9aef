// The lesson without the browser around it.
import { say } from "shared/say"

export default {
  word: "Fill screen",
  icon: "maximize",

  async run() {
    if (document.fullscreenElement) return document.exitFullscreen()
    await document.documentElement
      .requestFullscreen()
      .catch(() => say("This browser does not let Usher fill the screen."))
  }
}
