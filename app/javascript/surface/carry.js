// Moving things by hand: the drawings follow at once, the core computes where they end up. A thing that
// is drawn anew meanwhile, because somebody else changed it, stays in the hand.
import { held } from "surface/track"

export class Carry {
  constructor(view, elements) {
    this.view = view
    this.ids = elements.map(element => element.dataset.item)
    this.known = new Map() // id => [element, its own transform]
    this.places = elements.map(element => element.dataset.box.split(" ").slice(0, 2).map(Number))
  }

  // The things as they are now, each with its own transform. What lives over one (a video, a
  // framed page) goes with it.
  each(show) {
    for (const id of this.ids) {
      const element = this.view.find(id)
      if (!element) continue
      if (this.known.get(id)?.[0] !== element) this.known.set(id, [element, element.getAttribute("transform") ?? ""])
      show(element, this.known.get(id)[1])
      if (element.nextElementSibling?.classList.contains("living"))
        element.nextElementSibling.setAttribute("transform", element.getAttribute("transform"))
    }
  }

  // A transform in page units, put before each item's own.
  show(transform) {
    this.each((element, own) => element.setAttribute("transform", `${transform} ${own}`))
  }

  // Moves each by [dx, dy], those on a track along it.
  by(shift) {
    this.each((element, own) =>
      element.setAttribute("transform", `translate(${held(element, shift).join(" ")}) ${own}`)
    )
  }

  back() {
    this.each((element, own) => element.setAttribute("transform", own))
  }
}
