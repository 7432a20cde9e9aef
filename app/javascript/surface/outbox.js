// What was done goes through here in the order it was done, one request in flight; it stays in the browser's own
// store (surface/entries) until the server has said it is kept, so that neither a broken network nor a reload
// loses it. What another tab left there is sent too: sent twice, a thing is kept once.
import { send, Refused } from "shared/net"
import { newId } from "shared/ids"
import { patience } from "shared/again"

const MOST = 40
const OPERATIONS = "application/vnd.usher.operations+json" // read by the log's own door, not as parameters
const AGAIN = [401, 408, 429] // refusals that another try may overcome

export class Outbox {
  // entries: an Entries, or anything that answers like it; heard: what the board does when an entry is
  // kept(answer, page), refused(entry, { error, clash }), lost(page, entries) with its page; changed("kept" |
  // "keeping" | "waiting", count); signedOut(). deliver: sends a batch, only another one in tests.
  constructor(entries, heard, deliver = post) {
    Object.assign(this, { store: entries, heard, deliver, entries: [], failures: 0 })
    window.addEventListener("online", () => this.flush())
    this.ready = this.collect()
  }

  // An operation on a page. during: { take, ms } while a take is recorded, { sitting } in Teach. Answers with its id.
  add(page, operation, during = {}) {
    const id = newId()
    this.push({ page, to: "operations", id, operation, ...during })
    return id
  }

  // Undo, redo, reset, in its turn among the operations.
  step(page, way, during = {}) {
    this.push({ page, to: way, id: newId(), ...during })
  }

  get pending() {
    return this.entries.length
  }

  // The operations on this page that are still on their way.
  of(page) {
    return this.entries.filter(entry => entry.page === page && entry.to === "operations")
  }

  push(entry) {
    this.entries.push(entry)
    this.store.add(entry)
    this.flush()
  }

  // What was left behind, by this tab before it was loaded anew or by one that is gone, is sent from here.
  async collect() {
    const left = await this.store.left().catch(() => [])
    this.take(left.filter(({ id }) => !this.entries.some(entry => entry.id === id)))
  }

  // It comes first; what lies aside because its page is gone is told again.
  take(left) {
    const aside = left.filter(({ aside }) => aside)
    this.entries.unshift(...left.filter(({ aside }) => !aside))
    for (const page of new Set(aside.map(entry => entry.page)))
      this.heard.lost(
        page,
        aside.filter(entry => entry.page === page)
      )
    this.flush()
  }

  async flush() {
    if (this.sending || !this.entries.length) return
    this.sending = true
    this.heard.changed("keeping", this.entries.length)
    while (this.entries.length) {
      const batch = this.batch()
      try {
        this.answered(batch, await this.deliver(batch))
      } catch (error) {
        if (error instanceof Refused && !AGAIN.includes(error.status)) {
          this.turnedAway(batch, error)
          continue
        }
        return this.wait(error)
      }
    }
    this.sending = false
    this.heard.changed("kept", 0)
    if (!this.recovered) return
    this.recovered = false
    await this.collect() // another tab may have closed while there was no network
  }

  answered(batch, answer) {
    const { refused } = answer
    this.recovered ||= this.failures > 0
    this.failures = 0
    this.drop(refused ? batch.slice(0, batch.findIndex(entry => entry.id === refused.id) + 1) : batch)
    this.heard.kept(answer, batch[0].page)
    if (refused)
      this.heard.refused(
        batch.find(entry => entry.id === refused.id),
        refused
      )
  }

  // Where the page is gone nothing is thrown away: its entries lie aside until somebody says what becomes of them.
  turnedAway(batch, error) {
    if (error.status !== 404) {
      this.drop(batch)
      return batch.forEach(entry => this.heard.refused(entry, { error: error.message }))
    }
    const { page } = batch[0],
      lost = this.entries.filter(entry => entry.page === page)
    this.entries = this.entries.filter(entry => entry.page !== page)
    lost.forEach(entry => this.store.mark(Object.assign(entry, { aside: true })))
    this.heard.lost(page, lost)
  }

  wait(error) {
    if (error.status === 401 && this.failures === 0) this.heard.signedOut()
    this.failures += 1
    this.heard.changed("waiting", this.entries.length)
    setTimeout(() => {
      this.sending = false
      this.flush()
    }, patience(this.failures))
  }

  // Entries that lay aside are sent after all, or given up.
  again(entries) {
    entries.forEach(entry => this.store.mark(Object.assign(entry, { aside: false })))
    this.entries.unshift(...entries)
    this.flush()
  }

  giveUp(entries) {
    this.store.remove(entries)
  }

  // The next entries that can go together: operations on one page in one layer.
  batch() {
    const [first] = this.entries
    if (first.to !== "operations") return [first]
    const end = this.entries.findIndex(
      entry => entry.to !== "operations" || entry.page !== first.page || entry.sitting !== first.sitting
    )
    return this.entries.slice(0, Math.min(end === -1 ? this.entries.length : end, MOST))
  }

  drop(entries) {
    this.entries = this.entries.filter(entry => !entries.includes(entry))
    this.store.remove(entries)
  }
}

function post(batch) {
  const { page, to, id, take, ms, sitting, teach, body } = batch[0],
    seen = sitting ? `?sitting=${sitting}` : ""
  if (to !== "operations") return send("POST", `/pages/${page}/${to}${seen}`, { id, take, ms, sitting, teach, ...body })
  const operations = batch.map(({ id, operation, take, ms, sitting, teach }) => ({
    id,
    operation,
    take,
    ms,
    sitting,
    teach
  }))
  return send("POST", `/pages/${page}/operations${seen}`, { operations }, OPERATIONS)
}
