// What chosen things should open: a page or an activity is tapped, an address is typed, a file, sound or
// video is brought in.
import { send } from "shared/net"
import { say } from "shared/say"
import { Part } from "surface/part"

export default class Links extends Part {
  static needs = ["choice", "surface"]

  constructor(parts) {
    super(parts)
    this.sheet = document.getElementById("link-sheet")
    this.sheet?.addEventListener("click", ({ target }) => {
      const link = target.closest("[data-link]")?.dataset.link
      if (link) this.choose(JSON.parse(link))
    })
    this.sheet?.addEventListener("submit", event => {
      event.preventDefault()
      this.choose({ to: "address", address: event.target.elements.address.value })
    })
    this.sheet?.addEventListener("change", event => {
      if (event.target.type === "file") this.bring(event.target)
    })
  }

  show() {
    this.ids = this.choice.ids()
    this.surface.settled().then(() => window.htmx.trigger(this.sheet.querySelector("[data-links]"), "open"))
    this.sheet.showModal()
  }

  // Refused addresses stay in their field, with a sentence.
  async choose(link) {
    const { ids } = this
    if (link.to === "address" && !link.address.trim()) return say("Type a web address first.")
    this.surface.do({ verb: "change", changes: ids.map(id => ({ id, set: { link } })) })
    await this.surface.settled()
    if (this.surface.view.find(ids[0])?.dataset.link) this.sheet.close()
  }

  async bring(chooser) {
    const [file] = chooser.files
    chooser.value = ""
    if (!file) return
    const form = new FormData(),
      word = this.sheet.querySelector("[data-bringing]")
    form.append("file", file)
    word.textContent = `Bringing in ${file.name}…`
    try {
      const { to, asset, name } = await send("POST", "/media", form)
      await this.choose({ to: ["sound", "video"].includes(to) ? to : "file", asset, name })
    } catch (error) {
      say(error.message)
    } finally {
      word.textContent = ""
    }
  }
}
