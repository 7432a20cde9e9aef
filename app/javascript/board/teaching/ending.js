// The end of a lesson, one question. Everything that was done is kept before it is answered.
import { Part } from "surface/part"
import { load } from "shared/page"
import { send } from "shared/net"

export default class Ending extends Part {
  static needs = ["recorder", "surface"]

  async ask() {
    const sheet = document.getElementById("ending")
    await this.surface.settled()
    if (!(await load("GET", `/sittings/${this.surface.sitting}/ending/new`, "#ending-body"))) return
    sheet.querySelector("[data-ending]").addEventListener("submit", event => this.end(event))
    sheet.showModal()
  }

  async end(event) {
    event.preventDefault()
    const form = event.target,
      given = new FormData(form),
      button = form.querySelector(".button-main")
    button.disabled = true
    try {
      if (this.recorder.on) await this.recorder.stop()
      const { at } = await send("POST", form.dataset.at, {
        ending: given.get("ending"),
        title: given.get("title"),
        pages: given.getAll("pages[]")
      })
      location.assign(at)
    } catch (error) {
      form.querySelector(".problem").textContent = error.message
      button.disabled = false
    }
  }
}
