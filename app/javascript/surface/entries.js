// What was done and is not yet kept, in the browser's own store (IndexedDB): a record for each entry, so that two
// tabs on one lesson never write over each other.
import { openDB } from "idb"

const STORE = "entries",
  OLD = lesson => `usher:outbox:${lesson}` // where an earlier release had them

export class Entries {
  // failed(error): the store takes no more, or there is none.
  constructor(lesson, failed) {
    Object.assign(this, { lesson, failed, writing: Promise.resolve() })
    this.opened = openDB("usher", 1, {
      upgrade: db =>
        db.createObjectStore(STORE, { keyPath: "number", autoIncrement: true }).createIndex("lesson", "lesson")
    })
    this.opened.catch(failed)
  }

  // Those that a tab left behind, in the order in which they were done.
  async left() {
    await this.moveOld()
    const db = await this.opened
    return db.getAllFromIndex(STORE, "lesson", this.lesson)
  }

  // Records an entry; its number is known once it is written.
  add(entry) {
    this.change(async store => {
      entry.number = await store.add({ ...entry, lesson: this.lesson })
    })
  }

  // The server has it, or it was given up.
  remove(entries) {
    this.change(store => Promise.all(entries.filter(({ number }) => number).map(({ number }) => store.delete(number))))
  }

  // Marks entries that cannot be sent as things are.
  mark(entry) {
    this.change(store => entry.number && store.put({ ...entry, lesson: this.lesson }))
  }

  // One change after the other, each in a transaction of its own.
  change(does) {
    this.writing = this.writing
      .then(async () => {
        const transaction = (await this.opened).transaction(STORE, "readwrite", { durability: "relaxed" })
        const done = does(transaction.store)
        transaction.commit?.() // all is asked for by now: it is kept even if the page is left before the answer
        await Promise.all([done, transaction.done])
      })
      .catch(this.failed)
  }

  async moveOld() {
    const kept = localStorage.getItem(OLD(this.lesson))
    if (!kept) return
    try {
      JSON.parse(kept).forEach(entry => this.add(entry))
    } catch {
      /* nothing that could be read */
    }
    await this.writing
    localStorage.removeItem(OLD(this.lesson))
  }
}
