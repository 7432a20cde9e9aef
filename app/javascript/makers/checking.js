// While an activity is filled in the core says in one sentence what is missing or clashes; it stands beside its place.
import { send } from "shared/net"

const WAITS = 900 // ms after the last change
const NUMBERED = /\b(?:row|question|label|card|pair|sentence|line|word) (\d+)/i,
  QUOTED = /“([^”]+)”/g

export default () => ({
  init() {
    const { $root: form } = this
    this.said = Object.assign(document.createElement("p"), { className: "maker-said" })
    this.said.setAttribute("role", "status")
    for (const change of ["input", "change", "click"]) form.addEventListener(change, event => this.later(form, event))
  },

  later(form, { type, target }) {
    if (type === "click" && !target.closest("button[type=button]")) return
    clearTimeout(this.timer)
    this.timer = setTimeout(() => this.check(form), WAITS)
  },

  async check(form) {
    if (!form.isConnected) return
    const { refused } = (await send("POST", form.dataset.check, new FormData(form)).catch(() => null)) ?? {}
    this.said.remove()
    if (!refused || !form.isConnected) return
    this.said.textContent = refused
    const place = this.place(form, refused)
    place ? place.append(this.said) : form.querySelector(".dialog-foot").before(this.said)
  },

  // The cell that a sentence is about: by the number of its row, or by the words it quotes, of which the last that says
  // the same is meant.
  place(form, sentence) {
    const rows = [...form.querySelectorAll("tbody tr")],
      number = sentence.match(NUMBERED)?.[1]
    if (number && rows[number - 1]) return rows[number - 1].querySelector("td")
    const quoted = [...sentence.matchAll(QUOTED)].map(([, words]) => words.toLowerCase()),
      says = input => quoted.includes(input.value.trim().toLowerCase())
    return [...form.querySelectorAll("tbody td input")].filter(says).at(-1)?.closest("td")
  }
})
