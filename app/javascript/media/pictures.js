// What is done to a chosen picture besides cropping: a colour is taken out where the teacher taps.
import { send } from "shared/net"
import { say } from "shared/say"
import { boxOf } from "surface/view"
import { Part } from "surface/part"

export default class Pictures extends Part {
  static needs = ["asking", "choice", "sheet", "surface"]

  get element() {
    return this.choice.elements().find(({ dataset }) => dataset.kind === "picture")
  }

  // The next tap on the picture names the colour.
  clear() {
    const { element } = this,
      tolerance = Number(document.querySelector("[data-tolerance]")?.value ?? 24)
    if (!element) return
    const id = element.dataset.item
    this.sheet.shut()
    this.asking.ask("Tap the colour that should go.", item =>
      item.dataset.item === id ? this.out(id, tolerance) : say("Tap the picture itself.")
    )
    this.surface.stage.addEventListener(
      "pointerup",
      event => {
        this.tapped = this.surface.camera.toPage(event.clientX, event.clientY)
      },
      { once: true, capture: true }
    )
  }

  async out(id, tolerance) {
    const element = this.surface.view.find(id),
      [across, down] = this.share(element, this.tapped)
    say("One moment…")
    try {
      const number = Number(element.dataset.picture),
        { picture, colour } = await send("POST", `/pictures/${number}/clearing`, { across, down, tolerance })
      const set = { picture }
      if (!element.dataset.cleared) set.cleared = { picture: number, colour }
      this.surface.do({ verb: "change", changes: [{ id, set }] })
    } catch (error) {
      say(error.message)
    }
  }

  // A place on the page as shares of the whole picture.
  share(element, [px, py]) {
    const { x, y, width, height, angle } = boxOf(element),
      [left, top, wide, high] = element.dataset.crop.split(" ").map(Number),
      a = (-angle * Math.PI) / 180
    const cx = x + width / 2,
      cy = y + height / 2
    const across = (cx + (px - cx) * Math.cos(a) - (py - cy) * Math.sin(a) - x) / width,
      down = (cy + (px - cx) * Math.sin(a) + (py - cy) * Math.cos(a) - y) / height
    return [left + across * wide, top + down * high].map(share => Math.min(1, Math.max(0, share)))
  }
}
