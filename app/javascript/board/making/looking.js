// In a sheet in which something is made before it comes onto the page: what is typed goes to Ruby, which answers with
// how it will look.
import { send } from "shared/net"

const PAUSE = 120 // ms

// Asks while somebody types, the latest question only, and shows the answer or why there is none.
export class Looking {
  constructor(sheet, { path, values, show }) {
    Object.assign(this, { sheet, path, values, show })
  }

  soon() {
    clearTimeout(this.timer)
    this.timer = setTimeout(() => this.now(), PAUSE)
  }

  async now() {
    clearTimeout(this.timer)
    const turn = (this.turn = (this.turn ?? 0) + 1)
    const answer = await this.ask()
    if (turn === this.turn) this.show(answer)
    return answer
  }

  async ask() {
    const problem = this.sheet.querySelector("[data-problem]")
    try {
      const answer = await send("POST", this.path, this.values())
      problem.textContent = ""
      return answer
    } catch (error) {
      problem.textContent = error.message
      return null
    }
  }
}
