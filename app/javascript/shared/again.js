// What could not be fetched is fetched again until it comes: soon at first, then less often, and at once when the browser
// says that the network is back.
const SOON = 1_000 // ms
const LATEST = 15_000

export class Again {
  // told(waiting): whether anything waits now.
  constructor(told = () => {}) {
    this.told = told
    this.tasks = new Map()
    this.pause = SOON
    globalThis.addEventListener?.("online", () => this.try())
  }

  // task: () => what to do once more, once however often it is asked for under this name.
  later(name, task) {
    this.tasks.set(name, task)
    this.told(true)
    this.timer ??= setTimeout(() => this.try(), this.pause)
  }

  // It came.
  done(name) {
    if (!this.tasks.delete(name) && this.tasks.size) return
    if (this.tasks.size) return
    clearTimeout(this.timer)
    this.timer = null
    this.pause = SOON
    this.told(false)
  }

  // Everything that waits, now.
  try() {
    clearTimeout(this.timer)
    this.timer = null
    if (!this.tasks.size) return
    this.pause = Math.min(this.pause * 2, LATEST)
    this.timer = setTimeout(() => this.try(), this.pause)
    for (const task of [...this.tasks.values()]) task()
  }
}

// How long to wait, in ms, before what failed so many times in a row is tried again: longer each time, and not the same
// for all, because when a server comes back thirty devices are waiting for it.
const SLOWEST = 8000

export const patience = failures => Math.min(SLOWEST, 500 * 2 ** failures) * (0.6 + 0.4 * Math.random())
