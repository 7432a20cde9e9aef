// What was done and is not yet kept. Everything goes through here in the order it was done, one
// request in flight; it stays in the browser's own store until the server has said it is kept, so
// that neither a broken network nor a reload loses it.
import { send, Refused } from "shared/net"
import { newId } from "shared/ids"

const MOST = 40
const OPERATIONS = "application/vnd.usher.operations+json" // read by the log's own door, so that Rails does not turn every point into parameters first
const SLOWEST = 8000

export class Outbox {
  // kept(answer), refused(entry, sentence), state("kept" | "keeping" | "waiting", count), signedOut()
  constructor(lesson, { kept, refused, state, signedOut }) {
    Object.assign(this, { key: `usher:outbox:${lesson}`, kept, refused, state, signedOut })
    this.entries = this.read()
    this.failures = 0
    window.addEventListener("online", () => this.flush())
    if (this.entries.length) this.flush()
  }

  // An operation on a page. during: { take, ms } while a take is recorded, { teach } in front of a class.
  add(page, operation, during = {}) { this.push({ page, to: "operations", id: newId(), operation, ...during }) }

  // Undo, redo, reset, in its turn among the operations.
  step(page, way, during = {}) { this.push({ page, to: way, id: newId(), ...during }) }

  get pending() { return this.entries.length }

  push(entry) {
    this.entries.push(entry)
    this.write()
    this.flush()
  }

  async flush() {
    if (this.sending || !this.entries.length) return
    this.sending = true
    this.state("keeping", this.entries.length)
    while (this.entries.length) {
      const batch = this.batch()
      try {
        const answer = await this.deliver(batch)
        this.failures = 0
        this.drop(answer.refused ? batch.slice(0, batch.findIndex(entry => entry.id === answer.refused.id) + 1) : batch)
        this.kept(answer, batch[0].page)
        if (answer.refused) this.refused(batch.find(entry => entry.id === answer.refused.id), answer.refused.error)
      } catch (error) {
        if (error instanceof Refused && ![401, 408, 429].includes(error.status)) {
          this.drop(batch)
          batch.forEach(entry => this.refused(entry, error.message))
          continue
        }
        if (error.status === 401 && this.failures === 0) this.signedOut()
        this.failures += 1
        this.state("waiting", this.entries.length)
        setTimeout(() => { this.sending = false; this.flush() }, Math.min(SLOWEST, 500 * 2 ** this.failures))
        return
      }
    }
    this.sending = false
    this.state("kept", 0)
  }

  deliver(batch) {
    const { page, to, id, take, ms, teach, sitting, body } = batch[0], seen = sitting ? `?sitting=${sitting}` : ""
    if (to !== "operations") return send("POST", `/pages/${page}/${to}${seen}`, { id, take, ms, teach, sitting, ...body })
    return send("POST", `/pages/${page}/operations${seen}`, { operations: batch.map(({ id, operation, take, ms, teach, sitting }) => ({ id, operation, take, ms, teach, sitting })) }, OPERATIONS)
  }

  // The next entries that can go together: operations on one page.
  batch() {
    const [first] = this.entries
    if (first.to !== "operations") return [first]
    const end = this.entries.findIndex(entry => entry.to !== "operations" || entry.page !== first.page || entry.sitting !== first.sitting)
    return this.entries.slice(0, Math.min(end === -1 ? this.entries.length : end, MOST))
  }

  drop(entries) {
    this.entries = this.entries.filter(entry => !entries.includes(entry))
    this.write()
  }

  read() {
    try { return JSON.parse(localStorage.getItem(this.key)) ?? [] } catch { return [] }
  }

  write() {
    try {
      this.entries.length ? localStorage.setItem(this.key, JSON.stringify(this.entries)) : localStorage.removeItem(this.key)
    } catch { /* a full store: the entries are still in memory and on their way */ }
  }
}
