// The sheet of the page in view: its paper and measures, its colour, and keeping it to start from.
import { send } from "shared/net"
import { say } from "shared/say"
import { Part } from "surface/part"

export default class PageSheet extends Part {
  static needs = ["state", "surface", "turning"]

  constructor(parts) {
    super(parts)
    this.sheet = document.getElementById("page-sheet")
    const show = () => this.fill(this.state.paper, this.state.measures)
    this.surface.events.on("turned", show)
    this.surface.events.on("replanned", page => {
      if (page === this.surface.page) show()
    })
    show()
    this.sheet.addEventListener("change", event => {
      const form = event.target.closest("[data-measures]")
      if (form) this.measure(form)
    })
    this.sheet.querySelectorAll("form[data-measures]").forEach(form =>
      form.addEventListener("submit", event => {
        event.preventDefault()
        this.measure(form)
      })
    )
    this.sheet.querySelector("[data-paper-picture]")?.addEventListener("change", event => this.picture(event.target))
    document.getElementById("keep-page")?.addEventListener("submit", event => this.keep(event))
  }

  open() {
    this.sheet.showModal()
  }

  // What the form of a paper says, as its measures.
  read(form) {
    return Object.fromEntries(
      [...form.querySelectorAll("[data-measure]")]
        .filter(field => field.value !== "")
        .map(field => {
          const { kind } = field.dataset
          return [
            field.name,
            kind === "flag" ? field.value === "true" : kind === "word" ? field.value : Number(field.value)
          ]
        })
    )
  }

  measure(form) {
    const { paper } = form.dataset
    const measures = { ...(paper === "picture" ? { picture: this.state.measures.picture } : {}), ...this.read(form) }
    this.turning.restyle({ paper, measures })
  }

  // Fields show what the page has.
  fill(paper, measures) {
    for (const form of this.sheet.querySelectorAll("[data-measures]")) {
      if (form.dataset.paper !== paper) continue
      for (const field of form.querySelectorAll("[data-measure]"))
        if (field !== document.activeElement) field.value = String(measures[field.name] ?? field.dataset.usual)
    }
  }

  async picture(chooser) {
    const [file] = chooser.files
    chooser.value = ""
    if (!file) return
    const form = new FormData()
    form.append("file", file)
    try {
      const { picture } = await send("POST", "/pictures", form)
      this.turning.restyle({ paper: "picture", measures: { picture } })
    } catch (error) {
      say(error.message)
    }
  }

  async keep(event) {
    event.preventDefault()
    const form = event.target
    try {
      await this.surface.settled()
      await send("POST", "/starting_points", {
        page_id: this.surface.page,
        title: form.elements.title.value,
        ink: form.elements.ink.checked ? "1" : "0"
      })
      form.reset()
      this.sheet.close()
      say("Kept. You find it when you add a page.")
    } catch (error) {
      say(error.message)
    }
  }
}
