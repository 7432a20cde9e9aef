// Names beside what students wrote on the page in view, while they are wanted.
import { send } from "shared/net"
import { say } from "shared/say"
import { Part } from "surface/part"
import { boxOf } from "surface/view"
import { make } from "surface/svg"

export default class Authors extends Part {
  static needs = ["surface"]

  constructor(parts) {
    super(parts)
    this.group = make("g", { "pointer-events": "none", class: "authors" })
    for (const change of ["turned", "patched", "fresh"]) this.surface.events.on(change, () => this.on && this.show())
  }

  async toggle() {
    this.on = !this.on
    if (!this.on) return this.group.remove()
    const count = await this.show()
    if (!count) {
      this.on = false
      say("No student has written on this page.")
    }
  }

  async show() {
    const { surface } = this
    const { page, names } = await send("GET", `/sittings/${surface.sitting}/authors?page=${surface.page}`).catch(
      () => ({})
    )
    if (page !== surface.page || !this.on) return 0
    const labels = Object.entries(names).flatMap(([id, name]) => this.label(surface.view.find(id), name))
    this.group.replaceChildren(...labels)
    surface.view.svg.querySelector("[data-previews]").append(this.group)
    return labels.length
  }

  label(element, name) {
    if (!element) return []
    const { x, y } = boxOf(element)
    const words = make("text", {
      x,
      y: y - 6,
      "font-size": 24,
      "font-weight": 700,
      fill: "#9a3a61",
      stroke: "#fff",
      "stroke-width": 6,
      "paint-order": "stroke"
    })
    words.textContent = name
    return [words]
  }
}
