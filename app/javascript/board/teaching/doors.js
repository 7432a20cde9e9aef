// The doors while they are open: who is in, and what the class answers, kept fresh as it happens.
import { Part } from "surface/part"
import { load } from "shared/page"
import { unpressed } from "shared/pressed"
import { send } from "shared/net"
import { say } from "shared/say"

const SLOWLY = 400 // ms between two looks

export class Doors extends Part {
  static needs = ["state", "surface"]

  constructor(parts) {
    super(parts)
    document.addEventListener("htmx:afterSwap", () => this.read())
    document.addEventListener("htmx:afterRequest", event => this.asked(event))
    this.read()
  }

  // One tap opens doors that are shut. Opened again, the sheet is as it was left, but for the names, which come to the
  // wall only when they are asked for; and its parts are looked at anew.
  show() {
    const sheet = document.getElementById("doors"),
      { lesson, page, sitting } = this.surface
    sheet.querySelector(".names")?.removeAttribute("open")
    if (sheet.querySelector(".doors")) this.look()
    else load("POST", `/lessons/${lesson}/sitting?page=${page}${sitting ? `&sitting=${sitting}` : ""}`, "#doors-body")
    sheet.showModal()
  }

  // A poll that was asked is answered with the question in sight; the bar of Teach says how many have.
  asked({ target, detail }) {
    const asks = detail.successful && detail.requestConfig.verb === "post" && target.closest("[data-asks]")
    if (!asks) return
    asks.querySelector("#ask-form").replaceChildren()
    if (this.surface.mode !== "teach") return
    document.getElementById("doors").close()
    this.look()
  }

  // From the bar: shows the answers, hides them, closes the poll.
  // What is no chart of a few bars needs the wall.
  async poll(values) {
    try {
      if (values.revealed === "1" && !this.state.poll.bars) {
        load("GET", `/polls/${this.state.poll.id}/wall`, "#answers-body")
        document.getElementById("answers").showModal()
      }
      await send("PATCH", `/polls/${this.state.poll.id}`, values)
    } catch (error) {
      say(error.message)
    }
    this.look()
  }

  // Something changed in the room; many changes at once are one look.
  changed() {
    this.timer ??= setTimeout(() => {
      this.timer = null
      this.look()
    }, SLOWLY)
  }

  look() {
    document.querySelectorAll("[data-room]:not(:has(select:focus))").forEach(part => window.htmx.trigger(part, "room"))
  }

  // Read from the roll after each swap. A poll moves what is in the bar: not while something in it is pressed.
  read() {
    unpressed(document.querySelector(".bar, .topbar"), () => {
      const roll = document.querySelector("[data-roll]")?.dataset
      Object.assign(this.state, {
        doors: Boolean(roll),
        here: Number(roll?.here ?? 0),
        code: roll?.code ?? "",
        poll: JSON.parse(roll?.poll ?? "null")
      })
    })
  }
}
