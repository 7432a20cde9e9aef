// Time on this page and in the lesson, against the plan. Goes on over a reload.
export class Clock {
  constructor(board) {
    this.board = board
    this.key = `usher:clock:${board.lesson}`
    const kept = this.read()
    this.began = kept.began ?? Date.now()
    this.pages = kept.pages ?? {}
    this.turned(board.page)
    setInterval(() => this.tick(), 1000)
    this.tick()
  }

  read() {
    try { return JSON.parse(sessionStorage.getItem(this.key)) ?? {} } catch { return {} }
  }

  turned(page) {
    this.keepPage()
    this.page = page
    this.since = Date.now()
    this.tick()
  }

  keepPage() {
    if (this.page) this.pages[this.page] = this.spent()
    this.since = Date.now()
  }

  spent() { return (this.pages[this.page] ?? 0) + Date.now() - this.since }

  tick() {
    const { store } = this.board
    const planned = (this.board.pages.find(({ id }) => id === this.page)?.minutes ?? 0) * 60_000
    const spent = this.spent()
    store.pageClock = `${words(spent)} of ${words(planned)}`
    store.pageShare = planned ? Math.min(100, spent / planned * 100) : 0
    store.over = planned > 0 && spent > planned
    const whole = this.board.pages.reduce((sum, { minutes }) => sum + minutes, 0)
    store.lessonClock = `${Math.floor((Date.now() - this.began) / 60_000)} of ${whole} min`
    sessionStorage.setItem(this.key, JSON.stringify({ began: this.began, pages: { ...this.pages, [this.page]: spent } }))
  }
}

export const words = ms => {
  const seconds = Math.floor(ms / 1000)
  return `${String(Math.floor(seconds / 60)).padStart(2, "0")}:${String(seconds % 60).padStart(2, "0")}`
}
