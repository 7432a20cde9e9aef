// Follows a live feed: puts messages in their order, asks for what is missing, and says when there is
// nothing left but to start afresh.
import { createConsumer } from "@rails/actioncable"
import { Again } from "shared/again"

const PATIENCE = 250 // ms to wait for a late message before asking
const SEEN_EVERY = 40

let consumer
const cable = () => (consumer ??= createConsumer())

export class Feed {
  // identifier: the channel and its parameters; mark: { from, n } that the page already shows;
  // missed: the address that answers with missed messages; heard(message): in order;
  // alone(message): what is said to this follower, and has no place among the others;
  // afresh(): reload and answer with the new mark; connected(bool);
  // rejected(): there is nothing to follow any more, or the server has ended it.
  constructor({
    identifier,
    mark,
    missed,
    heard,
    alone = () => {},
    afresh,
    connected = () => {},
    rejected = () => connected(false)
  }) {
    Object.assign(this, { mark, missed, heard, alone, afresh, rejected })
    this.waiting = new Map()
    this.again = new Again()
    this.count = 0
    this.subscription = cable().subscriptions.create(identifier, {
      received: message => this.receive(message),
      connected: () => {
        this.count = 0
        this.perform("mark")
        connected(true)
      },
      disconnected: () => connected(false),
      rejected
    })
  }

  perform(action, data) {
    return this.subscription.perform(action, data)
  }

  receive(message) {
    if (message.ended) return this.rejected()
    if (message.fresh) return this.start()
    if (message.mark) return this.compare(message.mark)
    if (!("n" in message)) return this.alone(message)
    if (++this.count % SEEN_EVERY === 0) this.perform("seen", { count: this.count })
    if (message.from !== this.mark.from) return this.start()
    if (message.n <= this.mark.n) return
    this.waiting.set(message.n, message)
    this.flush()
    if (this.waiting.size && !this.asking) this.asking = setTimeout(() => this.ask(), PATIENCE)
  }

  flush() {
    let message
    while ((message = this.waiting.get(this.mark.n + 1))) {
      this.waiting.delete(message.n)
      this.mark = { from: message.from, n: message.n }
      this.heard(message)
    }
    if (this.waiting.size) return
    clearTimeout(this.asking) // nothing is missing any more
    this.asking = null
  }

  // The server says where the feed stands: right after subscribing, also after a broken connection.
  compare(mark) {
    if (mark.from !== this.mark.from) return this.start()
    if (mark.n > this.mark.n) this.ask()
  }

  async ask() {
    this.asking = null
    if (this.starting) return
    const response = await fetch(
      `${this.missed}${this.missed.includes("?") ? "&" : "?"}${new URLSearchParams(this.mark)}`,
      { headers: { Accept: "application/json" } }
    ).catch(() => null)
    if (!response) return this.again.later("missed", () => this.ask())
    this.again.done("missed")
    if (!response.ok) return this.start()
    for (const message of await response.json()) if (message.n > this.mark.n) this.waiting.set(message.n, message)
    this.flush()
  }

  // What the server refuses (an error with a status) is for whoever asked for it to say.
  async start() {
    if (this.starting) return
    this.starting = true
    try {
      const mark = await this.afresh().catch(error => {
        if (error.status) throw error
      })
      if (!mark) return this.again.later("start", () => this.start())
      this.again.done("start")
      if (mark.from !== this.mark.from || mark.n > this.mark.n) this.mark = mark // more may have been heard meanwhile
      for (const n of this.waiting.keys()) if (n <= this.mark.n) this.waiting.delete(n)
    } finally {
      this.starting = false
    }
    this.flush()
  }
}
