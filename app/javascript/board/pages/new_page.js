// Adding a page: the same again, on a paper, in a layout, or from a starting point of one's own.
import { send } from "shared/net"
import { say } from "shared/say"
import { Part } from "surface/part"

export default class NewPage extends Part {
  static needs = ["order"]

  constructor(parts) {
    super(parts)
    this.sheet = document.getElementById("new-page")
    this.sheet.addEventListener("click", ({ target }) => {
      const { start } = target.closest("[data-start]")?.dataset ?? {},
        drop = target.closest("[data-drop]")
      if (drop) this.drop(drop)
      else if (start) this.add(JSON.parse(start))
    })
  }

  open() {
    window.htmx.trigger(this.sheet.querySelector("[data-kept-list]"), "open")
    this.sheet.showModal()
  }

  add(start) {
    this.sheet.close()
    return this.order.add(start)
  }

  async drop(button) {
    try {
      await send("DELETE", `/starting_points/${button.dataset.drop}`)
      button.closest("[data-kept]").remove()
      say("It is in the bin for 30 days.")
    } catch (error) {
      say(error.message)
    }
  }
}
