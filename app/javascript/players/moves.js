// The moves of one go, sent one after the other. Until a move is answered it is kept in this browser, so that neither
// a broken network nor a reload loses it; each has an id, so that it counts once however often it is sent.
import { markup, Refused } from "shared/net"
import { newId } from "shared/ids"
import { patience } from "shared/again"

const KEY = go => `usher:moves:${go}`

export class Moves {
  // show(move): what a move will look like; answered(html): what is to be seen now; refused(message);
  // waiting(count): how many wait for the network.
  constructor(go, address, heard, deliver = markup) {
    Object.assign(this, { address, heard, deliver, key: KEY(go), failures: 0, looks: 0 })
    this.moves = this.kept()
    window.addEventListener("online", () => this.flush())
    if (this.moves.length) this.flush()
  }

  // Whether moves of a go wait in this browser.
  static left(go) {
    try {
      return localStorage.getItem(KEY(go)) !== null
    } catch {
      return false
    }
  }

  add(move) {
    this.moves.push({ id: newId(), move, at: Date.now() })
    this.keep()
    this.heard.show(move)
    this.flush()
  }

  async flush() {
    if (this.sending) return
    this.sending = true
    while (this.moves.length) {
      const [first] = this.moves
      try {
        const { id, move, at } = first
        const html = await this.deliver("POST", this.address, { id, move, ago: Math.max(0, (Date.now() - at) / 1000) })
        this.failures = 0
        this.drop(first)
        this.answered(html)
        if (this.looking) this.afresh() // what is on its way may be older than this
      } catch (error) {
        if (!(error instanceof Refused)) return this.wait()
        this.drop(first)
        this.heard.refused(error.message)
        await this.afresh()
      }
    }
    this.sending = false
  }

  // What is to be seen now, and over it what is still on its way.
  answered(html) {
    this.heard.waiting(0)
    this.heard.answered(html)
    this.moves.forEach(({ move }) => this.heard.show(move))
  }

  // Somebody else played: what there is to see now, unless the answer to a move is on its way.
  look() {
    if (!this.moves.length) this.afresh()
  }

  // Of several looks at once only the answer to the last one counts: the others may be older.
  async afresh() {
    const look = (this.looks += 1)
    this.looking = true
    const html = await this.deliver("GET", this.address.replace(/\/moves(?=\?|$)/, "")).catch(() => null)
    if (look !== this.looks) return
    this.looking = false
    if (html) this.answered(html)
  }

  wait() {
    this.failures += 1
    this.heard.waiting(this.moves.length)
    setTimeout(() => {
      this.sending = false
      this.flush()
    }, patience(this.failures))
  }

  drop(one) {
    this.moves = this.moves.filter(other => other !== one)
    this.keep()
  }

  kept() {
    try {
      return JSON.parse(localStorage.getItem(this.key)) ?? []
    } catch {
      return []
    }
  }

  keep() {
    try {
      if (this.moves.length) localStorage.setItem(this.key, JSON.stringify(this.moves))
      else localStorage.removeItem(this.key)
    } catch {
      // a browser that keeps nothing: what is done here is sent as long as the page is open
    }
  }
}
