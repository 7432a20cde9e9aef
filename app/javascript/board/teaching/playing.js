// An activity played at the wall.
import { Part } from "surface/part"
import { open } from "shared/activities"

export class Playing extends Part {
  static needs = ["recorder", "surface"]

  constructor(parts) {
    super(parts)
    this.dialog = document.getElementById("player")
    this.body = document.getElementById("player-body")
    this.dialog.addEventListener("close", () => {
      this.body.replaceChildren()
      if (this.recorder.on) this.surface.live.perform("played", this.recorder.during())
    })
  }

  async open(activity) {
    if (await open(`/activities/${activity}/attempts`, "#player-body")) this.dialog.showModal()
  }
}
