// Plays a take: a clock, kept by the voice where there is one, and at each frame the page as it was
// then. Everything shown was drawn by Ruby; ink is drawn along its points until its drawing takes over.
import { PageView } from "shared/page_view"
import { WetInk } from "shared/ink"

const USUAL = [1600, 900] // page units; takes from before pages had shapes do not say
const RESTS = 4000 // ms for which a pointer that does not move is shown

export class Player {
  constructor(take) {
    this.take = take
    this.view = new PageView(document.getElementById("take-view"))
    const wet = document.getElementById("take-wet")
    this.wet = new WetInk(wet, () => ({ x: 0, y: 0, scale: wet.clientWidth / this.view.size.width }))
    this.dot = this.view.svg.querySelector("[data-dot]")
    this.voice = document.getElementById("take-voice")
    this.seekbar = document.getElementById("take-seek")
    this.button = document.getElementById("take-play")
    this.now = document.getElementById("take-now")
    this.at = 0
    this.speed = 1
    this.load()
  }

  async load() {
    this.reel = await (await fetch(this.take.dataset.reel)).json()
    this.seekbar.max = this.reel.length
    this.button.addEventListener("click", () => this.playing ? this.pause() : this.play())
    this.seekbar.addEventListener("input", () => this.seek(Number(this.seekbar.value)))
    document.getElementById("take-speed").addEventListener("change", event => this.setSpeed(Number(event.target.value)))
    document.addEventListener("keydown", event => this.key(event))
    this.markChapters()
    this.rewind()
    this.show(0)
    this.take.dataset.loaded = ""
  }

  markChapters() {
    document.getElementById("take-chapters").replaceChildren(...this.reel.chapters.filter(({ at }) => at > 0).map(({ at }) => {
      const mark = document.createElement("i")
      mark.style.left = `${at / this.reel.length * 100}%`
      return mark
    }))
  }

  key(event) {
    if (event.target.matches("select")) return
    if (event.key === " " && event.target !== this.button) { event.preventDefault(); this.playing ? this.pause() : this.play() }
    if (event.target === this.seekbar) return
    if (event.key === "ArrowRight") this.seek(this.at + 5000)
    if (event.key === "ArrowLeft") this.seek(this.at - 5000)
  }

  play() {
    if (this.at >= this.reel.length) this.seek(0)
    this.playing = true
    this.since = performance.now()
    this.from = this.at
    if (this.voice) {
      this.voice.currentTime = this.at / 1000
      this.voice.playbackRate = this.speed
      this.voice.play().catch(() => {})
    }
    this.dress()
    requestAnimationFrame(() => this.tick())
  }

  // At rest the page stands where the voice does, also when the last frame took long.
  pause() {
    const { sounding } = this
    this.playing = false
    this.voice?.pause()
    if (sounding) this.show(this.voice.currentTime * 1000)
    this.dress()
  }

  get sounding() { return this.voice && !this.voice.paused && !this.voice.ended && this.voice.readyState > 2 }

  dress() {
    this.button.setAttribute("aria-label", this.playing ? "Pause" : "Play")
    const use = this.button.querySelector("use")
    use.setAttribute("href", use.getAttribute("href").replace(/#.*/, this.playing ? "#pause" : "#play"))
  }

  setSpeed(speed) {
    this.from = this.at
    this.since = performance.now()
    this.speed = speed
    if (this.voice) this.voice.playbackRate = speed
  }

  // The voice keeps the time while it sounds, so that both stay in step.
  tick() {
    if (!this.playing) return
    const own = this.from + (performance.now() - this.since) * this.speed
    const { sounding } = this
    this.show(sounding ? this.voice.currentTime * 1000 : own)
    if (sounding) { this.from = this.at; this.since = performance.now() }
    if (this.at >= this.reel.length) return this.pause()
    requestAnimationFrame(() => this.tick())
  }

  seek(ms) {
    this.from = Math.min(Math.max(0, ms), this.reel.length)
    this.since = performance.now()
    if (this.voice) this.voice.currentTime = this.from / 1000
    this.show(this.from)
  }

  // Back to the start: every page as it was then.
  rewind() {
    this.pages = Object.fromEntries(Object.entries(this.reel.pages).map(([id, { size, ground, items }]) => [id, { size, ground, items: new Map(items.map(item => [item.id, item])) }]))
    this.done = 0
    this.pointed = 0
    this.at = 0
    this.turn(this.reel.opening)
  }

  turn(page) {
    this.page = page
    this.open = new Map()
    this.wet.clear()
    const { size = USUAL, ground, items } = this.pages[page]
    this.view.size = { width: size[0], height: size[1] }
    this.view.load({ ground, items: [...items.values()].sort((a, b) => a.z - b.z || (a.id < b.id ? -1 : 1)).map(({ svg }) => svg).join("") })
  }

  show(ms) {
    if (ms < this.at) this.rewind()
    this.at = Math.min(ms, this.reel.length)
    const { events } = this.reel
    while (this.done < events.length && events[this.done].at <= this.at) this.apply(events[this.done++])
    this.draw()
    this.point()
    this.seekbar.value = this.at
    const seconds = Math.floor(this.at / 1000)
    this.now.value = `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, "0")}`
    this.seekbar.setAttribute("aria-valuetext", `${this.now.value}`)
  }

  apply(event) {
    const page = this.pages[event.page]
    if (event.ground) page.ground = event.ground
    event.gone.forEach(id => page.items.delete(id))
    event.put.forEach(item => page.items.set(item.id, item))
    if (event.turn) return this.turn(event.page)
    if (event.page !== this.page) return
    const written = event.put.filter(item => item.ink && event.at + lasts(item) > this.at)
    written.forEach(item => { item.began = event.at; this.begin(item) })
    this.view.apply({ put: event.put.filter(item => !written.includes(item)), gone: event.gone, seq: this.done, ground: event.ground })
    event.gone.forEach(id => this.wet.remove(id))
  }

  // The laser pointer, where it was last on this page.
  point() {
    const { trail } = this.reel
    while (this.pointed < trail.length && trail[this.pointed].at <= this.at) this.pointed++
    const last = trail[this.pointed - 1]
    const seen = last && last.page === this.page && last.x !== undefined && this.at - last.at < RESTS
    this.dot.setAttribute("visibility", seen ? "visible" : "hidden")
    if (seen) this.dot.setAttribute("transform", `translate(${last.x} ${last.y})`)
  }

  begin({ id, ink }) {
    this.wet.begin(id, ink)
    this.open.set(id, 0)
  }

  // Ink that is being written at this moment.
  draw() {
    for (const [id, sent] of this.open) {
      const item = this.pages[this.page].items.get(id)
      if (!item || !this.wet.has(id)) { this.open.delete(id); continue }
      const { points } = item.ink
      let end = sent
      while (end < points.length && item.began + points[end][3] <= this.at) end++
      if (end > sent) this.wet.add(id, points.slice(sent, end))
      this.open.set(id, end)
      if (end < points.length) continue
      this.open.delete(id)
      this.view.apply({ put: [item], gone: [], seq: this.done })
      this.wet.remove(id)
    }
  }
}

const lasts = ({ ink }) => ink.points.at(-1)[3]
