// Which pages of a PDF, or which slides, come into the lesson, and how far they are.
import { sheet } from "media/sheet"
import { send, Refused } from "shared/net"
import { say } from "shared/say"
import { Part } from "surface/part"

const EVERY = 700 // ms

// Pages on their way: shown in the sheet while it is open, told of at the end in any case.
class Arrival extends Part {
  static needs = ["order", "turning"]

  constructor(parts, number, sheet) {
    super(parts)
    Object.assign(this, { number, sheet })
  }

  async look() {
    const status = await send("GET", `/imports/${this.number}`).catch(error =>
      error instanceof Refused ? { state: "gone", note: error.message } : null
    )
    if (status && this.sheet.open) this.show(status)
    !status || ["waiting", "running"].includes(status.state) ? setTimeout(() => this.look(), EVERY) : this.end(status)
  }

  show({ done, size, note }) {
    if (size) Object.assign(this.sheet.querySelector("progress"), { max: size, value: done })
    this.sheet.querySelector("[role=status]").textContent = note ?? `${done} of ${size} pages`
  }

  async end({ state, page, done, note }) {
    const { sheet } = this
    await this.order.reload()
    if (sheet.open && state === "done" && page) this.turning.to(page)
    say(note ?? `${done} ${done === 1 ? "page" : "pages"} came in.`)
    if (sheet.open) sheet.close()
  }
}

export default class PagesSheet extends Part {
  static needs = ["surface"]

  constructor(parts) {
    super(parts)
    Object.assign(this, { parts, waiting: [] })
  }

  // Several that came in together are asked about one after the other.
  open(offer) {
    if (this.sheet?.open) return this.waiting.push(offer)
    const { asset, title, words, ask, hint } = offer
    const shown = (this.sheet = sheet("pages", { title, closed: () => this.closed() }))
    Object.entries({ words, ask, hint }).forEach(([name, text]) => {
      shown.querySelector(`[data-${name}]`).textContent = text
    })
    shown.querySelector("form").addEventListener("submit", event => {
      event.preventDefault()
      this.start(asset, name => shown.querySelector(name))
    })
  }

  // part: finds a part of the sheet that was open then.
  async start(asset, part) {
    const { sheet: shown } = this
    part(".problem").textContent = ""
    part("[data-go]").disabled = true
    try {
      await this.surface.settled()
      const { import: number } = await send("POST", `/lessons/${this.surface.lesson}/imports`, {
        asset,
        wanted: part("input").value,
        page: this.surface.page
      })
      part("[data-progress]").hidden = part("[data-cancel]").hidden = false
      part("[data-cancel]").addEventListener("click", () =>
        send("DELETE", `/imports/${number}`).catch(error => say(error.message))
      )
      new Arrival(this.parts, number, shown).look()
    } catch (error) {
      part(".problem").textContent = error.message
      part("[data-go]").disabled = false
    }
  }

  closed() {
    if (this.waiting.length) setTimeout(() => this.open(this.waiting.shift())) // when this one is gone
  }
}
