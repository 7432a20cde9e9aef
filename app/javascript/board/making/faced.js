// The sheet in which the faces of a flash card, a die or a spinner are filled in. Whether they do is the core's to say.
import { chooseFace } from "makers/faces"
import { markup, send } from "shared/net"
import { say } from "shared/say"
import { Part } from "surface/part"

export default class FacedMaker extends Part {
  static needs = ["room", "surface"]

  constructor(parts) {
    super(parts)
    this.sheet = document.getElementById("faced-maker")
    this.body = this.sheet.querySelector("[data-faced-body]")
    this.sheet.addEventListener("click", ({ target }) => this.press(target.closest("button")))
    this.sheet.addEventListener("submit", event => {
      event.preventDefault()
      this.keep(event.target)
    })
  }

  make(kind) {
    return this.open(`new?kind=${kind}`)
  }

  change(item) {
    return this.open(item.dataset.item)
  }

  async open(which) {
    const { page, sitting } = this.surface
    await this.surface.settled()
    const address = `/pages/${page}/faced/${which}${sitting ? `${which.includes("?") ? "&" : "?"}sitting=${sitting}` : ""}`
    try {
      window.htmx.swap(this.body, await markup("GET", address), { swapStyle: "innerHTML" })
    } catch (error) {
      return say(error.message)
    }
    Object.assign(document.getElementById("maker").dataset, { page, ...(sitting ? { sitting } : {}) })
    this.sheet.showModal()
    this.body.querySelector("[data-text]")?.focus()
  }

  press(button) {
    if (!button) return
    const { picture } = button.dataset
    if (button.matches("[data-more]")) this.more()
    if (button.matches("[data-less]")) this.less(button.closest("[data-face-row]"))
    if (picture !== undefined) this.picture(button)
  }

  more() {
    const form = this.body.querySelector("form")
    if (this.rows.length >= Number(form.dataset.most)) return say(`It has at most ${form.dataset.most} faces.`)
    this.body.querySelector("[data-rows]").append(form.querySelector("template").content.cloneNode(true))
    this.count()
    this.rows.at(-1).querySelector("[data-text]").focus()
  }

  less(row) {
    if (this.rows.length <= 2) return say("It has at least two faces.")
    row.remove()
    this.count()
  }

  get rows() {
    return [...this.body.querySelectorAll("[data-rows] [data-face-row]")]
  }

  count() {
    this.rows.forEach((row, index) => (row.querySelector("[data-number]").textContent = index + 1))
  }

  // Chosen anew, or taken off by a second tap.
  async picture(button) {
    if (button.dataset.picture) {
      button.dataset.picture = ""
      return button.querySelector("img")?.remove()
    }
    const face = await chooseFace({ only: "picture" })
    if (!face?.picture) return
    button.dataset.picture = face.picture
    button.replaceChildren(Object.assign(document.createElement("img"), { src: `/pictures/${face.picture}`, alt: "" }))
  }

  read() {
    return this.rows.map(row => {
      const [text, weight, picture] = ["text", "weight", "picture"].map(name => row.querySelector(`[data-${name}]`))
      return {
        text: text.value.trim(),
        ...(picture.dataset.picture ? { picture: Number(picture.dataset.picture) } : {}),
        ...(weight ? { weight: Number(weight.value) || 1 } : {})
      }
    })
  }

  async keep(form) {
    const { kind, id } = form.dataset,
      faces = this.read(),
      empty = faces.findIndex(({ text, picture }) => !text && !picture)
    if (empty >= 0) {
      form.querySelector(".problem").textContent =
        `Face ${empty + 1} is empty. Write something on it, or choose a picture.`
      return this.rows[empty].querySelector("[data-text]").focus()
    }
    if (id) {
      this.surface.do({ verb: "change", changes: [{ id, set: { faces, top: 0 } }] })
      return this.sheet.close()
    }
    try {
      await this.surface.settled()
      const { item } = await send("POST", this.surface.here(`/pages/${this.surface.page}/faced`), { kind, faces })
      this.sheet.close()
      this.room.put([item])
    } catch (error) {
      form.querySelector(".problem").textContent = error.message
    }
  }
}
