// The line above an activity that is played: what has happened meanwhile, and the way there. What leads to the same
// place is said together, whichever came first; something that leads elsewhere takes its place.
export class Notice {
  constructor(line) {
    this.line = line
    this.said = []
  }

  // to: the number of an activity, or nothing for the page.
  add(words, to = "") {
    const go = this.line.querySelector("[data-go]")
    if (go.dataset.go !== to) this.said = []
    if (!this.said.includes(words)) this.said.push(words)
    go.dataset.go = to
    this.line.querySelector("span").textContent = this.said.join(" ")
    this.line.hidden = false
  }

  clear() {
    this.said = []
    this.line.hidden = true
  }
}
