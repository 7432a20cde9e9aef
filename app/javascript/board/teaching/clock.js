// Time on this page and in the lesson, against the plan. Goes on over a reload, and rests while one prepares.
import { minutesAndSeconds } from "shared/moment"
import { Part } from "surface/part"

export class Clock extends Part {
  static needs = ["state", "surface", "turning"]

  constructor(parts) {
    super(parts)
    this.key = `usher:clock:${this.surface.lesson}`
    const kept = this.read()
    this.opened = Date.now()
    this.taught = kept.taught ?? 0 // ms before this board was opened
    this.pages = kept.pages ?? {}
    this.turned(this.surface.page)
    this.surface.events.on("turned", page => this.turned(page))
    setInterval(() => this.tick(), 1000)
    this.tick()
  }

  read() {
    try {
      return JSON.parse(sessionStorage.getItem(this.key)) ?? {}
    } catch {
      return {}
    }
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

  spent() {
    return (this.pages[this.page] ?? 0) + Date.now() - this.since
  }

  tick() {
    const { state } = this
    const planned = (this.turning.pages.find(({ id }) => id === this.page)?.minutes ?? 0) * 60_000
    const spent = this.spent()
    state.pageClock = `${minutesAndSeconds(spent)} of ${minutesAndSeconds(planned)}`
    state.pageShare = planned ? Math.min(100, (spent / planned) * 100) : 0
    state.over = planned > 0 && spent > planned
    const whole = this.turning.pages.reduce((sum, { minutes }) => sum + minutes, 0)
    const taught = this.taught + Date.now() - this.opened
    state.lessonClock = `${Math.floor(taught / 60_000)} of ${whole} min`
    sessionStorage.setItem(this.key, JSON.stringify({ taught, pages: { ...this.pages, [this.page]: spent } }))
  }
}
