// Opening and closing the board's sheets, the title, and links that carry the page in view along.
import { say } from "shared/say"
import { send } from "shared/net"
import { Part } from "surface/part"

const LONGEST = 2000 // ms that leaving waits for what is still on its way

export class Dialogs extends Part {
  static needs = ["order", "surface"]

  constructor(parts) {
    super(parts)
    document.addEventListener("click", event => {
      if (event.target.closest("[data-open-share]")) document.getElementById("share").showModal()
      if (event.target.closest("[data-rename]")) this.rename(event.target.closest("[data-rename]"))
      const link = event.target.closest("a[data-keep-page]")
      if (link) this.follow(link, event)
    })
    document.addEventListener("htmx:afterRequest", ({ target, detail }) => {
      if (target.matches("[data-facts]") && detail.successful) this.keptFacts(target)
    })
  }

  // The title of the lesson is on this screen too.
  keptFacts(form) {
    document.querySelector("[data-rename]").textContent = form.elements["lesson[title]"].value.trim()
    form.closest("dialog").close()
    this.order.reload()
  }

  // What is still on its way is kept before the board is left.
  async follow(link, event) {
    if (event.ctrlKey || event.metaKey || event.shiftKey) return
    event.preventDefault()
    const url = new URL(link.href)
    url.searchParams.set("page", this.surface.page)
    await Promise.race([this.surface.settled(), new Promise(resolve => setTimeout(resolve, LONGEST))])
    location.assign(url)
  }

  // The title becomes a field until Enter, Escape or a tap elsewhere.
  rename(button) {
    const input = Object.assign(document.createElement("input"), {
      className: "input",
      value: button.textContent,
      maxLength: 120
    })
    input.setAttribute("aria-label", "Title of the lesson")
    button.replaceWith(input)
    input.select()
    let done = false
    const end = async keep => {
      if (done) return
      done = true
      const title = input.value.trim()
      if (keep && title && title !== button.textContent) await this.retitle(button, title)
      input.replaceWith(button)
    }
    input.addEventListener("blur", () => end(true))
    input.addEventListener("keydown", event => {
      event.stopPropagation()
      if (event.key === "Enter" || event.key === "Escape") end(event.key === "Enter")
    })
  }

  async retitle(button, title) {
    try {
      button.textContent = (await send("PATCH", `/lessons/${this.surface.lesson}`, { lesson: { title } })).title
    } catch (error) {
      say(error.message)
    }
  }
}
