// Activities at the wall: each is played in its place on the page. What was left there in Teach is there again when the
// page is.
import { Part } from "surface/part"

const PLACE = "board/playing/on_page"

export class Playing extends Part {
  static needs = ["fetched", "surface"]

  constructor(parts) {
    super(parts)
    this.surface.events.on("turned", () => this.look())
    for (const change of ["patched", "fresh"]) this.surface.events.on(change, () => this.fetched.known(PLACE)?.lay())
    this.look()
  }

  // item: the card that was pressed; none where a link leads to the activity.
  open(activity, item) {
    return this.fetched.run(PLACE, "open", activity, item)
  }

  look() {
    const { mode, view } = this.surface
    if (this.fetched.known(PLACE) || (mode === "teach" && view.all().some(({ dataset }) => dataset.activity)))
      this.fetched.run(PLACE, "look")
  }

  // Somebody played at another board of this sitting.
  told(play) {
    this.fetched.known(PLACE)?.told(play)
  }
}
