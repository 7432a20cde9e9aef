// Making an activity, without leaving the lesson: a kind, what is filled in, a look, and onto the page.
import { Part } from "surface/part"
import { open } from "shared/activities"
import { send } from "shared/net"

export default class ActivityMaker extends Part {
  static needs = ["surface"]

  constructor(parts) {
    super(parts)
    this.sheet = document.getElementById("maker")
    this.sheet.addEventListener("placed", () => this.sheet.close())
    // Told late, when it may be open again.
    this.sheet.addEventListener(
      "close",
      () => this.sheet.open || document.getElementById("maker-body").replaceChildren()
    )
  }

  // A new one on the page in view.
  async begin() {
    const { lesson, page, sitting } = this.surface
    await this.surface.settled()
    await send("PATCH", `/lessons/${lesson}/place`, { page }).catch(() => null) // its card will go there
    await this.show(`/lessons/${lesson}/activities/new?page=${page}&sitting=${sitting ?? ""}`)
  }

  change(activity) {
    return this.show(`/activities/${activity}/edit`)
  }

  async show(address) {
    const { page, sitting } = this.surface
    Object.assign(this.sheet.dataset, { page, sitting: sitting ?? "" }) // what can be taken off the page, see makers/faces
    if (await open(address, "#maker-body", { method: "GET" })) this.sheet.showModal()
  }
}
