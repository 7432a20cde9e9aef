// Plays a take: a clock, kept by the voice where there is one, and the film on the screen at its time.
import { send } from "shared/net"
import { say } from "shared/say"
import { Film } from "take/film"
import { Screen } from "take/screen"

export class Player {
  constructor(take) {
    this.take = take
    const { film, length, chapters } = take.dataset
    Object.assign(this, {
      length: Number(length),
      at: 0,
      speed: 1,
      screen: new Screen(),
      film: new Film(ms => send("GET", `${film}?at=${Math.round(ms)}`))
    })
    this.voice = document.getElementById("take-voice")
    this.seekbar = document.getElementById("take-seek")
    this.button = document.getElementById("take-play")
    this.now = document.getElementById("take-now")
    this.load(JSON.parse(chapters))
  }

  async load(chapters) {
    this.button.addEventListener("click", () => (this.playing ? this.pause() : this.play()))
    this.seekbar.addEventListener("input", () => this.seek(Number(this.seekbar.value)))
    document.getElementById("take-speed").addEventListener("change", event => this.setSpeed(Number(event.target.value)))
    document.addEventListener("keydown", event => this.key(event))
    this.markChapters(chapters)
    await this.seek(0)
    this.take.dataset.loaded = ""
  }

  markChapters(chapters) {
    document.getElementById("take-chapters").replaceChildren(
      ...chapters
        .filter(({ at }) => at > 0)
        .map(({ at }) => {
          const mark = document.createElement("i")
          mark.style.left = `${(at / this.length) * 100}%`
          return mark
        })
    )
  }

  key(event) {
    if (event.target.matches("select")) return
    if (event.key === " " && event.target !== this.button) {
      event.preventDefault()
      this.playing ? this.pause() : this.play()
    }
    if (event.target === this.seekbar) return
    if (event.key === "ArrowRight") this.seek(this.at + 5000)
    if (event.key === "ArrowLeft") this.seek(this.at - 5000)
  }

  async play() {
    this.playing = true
    this.dress()
    if (this.at >= this.length) await this.seek(0)
    if (!this.playing) return
    this.since = performance.now()
    this.from = this.at
    if (this.voice) {
      this.voice.currentTime = this.at / 1000
      this.voice.playbackRate = this.speed
      this.voice.play().catch(() => {})
    }
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

  get sounding() {
    return this.voice && !this.voice.paused && !this.voice.ended && this.voice.readyState > 2
  }

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
    const { sounding } = this
    const reached = this.show(
      sounding ? this.voice.currentTime * 1000 : this.from + (performance.now() - this.since) * this.speed
    )
    if (!reached) return this.wait()
    if (sounding) {
      this.from = this.at
      this.since = performance.now()
    }
    if (this.at >= this.length) return this.pause()
    requestAnimationFrame(() => this.tick())
  }

  // What follows is not here yet: everything stands still until it is.
  async wait() {
    this.voice?.pause()
    await this.seek(this.film.chunk.until)
    if (this.playing) this.play()
  }

  async seek(ms) {
    const to = Math.min(Math.max(0, ms), this.length)
    this.tellTime(to)
    let chunk
    try {
      chunk = await this.film.to(to)
    } catch (error) {
      this.pause()
      return say(error.message)
    }
    if (!chunk) return // gone elsewhere meanwhile
    this.from = to
    this.since = performance.now()
    if (this.voice) this.voice.currentTime = to / 1000
    this.screen.load(chunk, to)
    this.show(to)
  }

  // Everything as it is at this moment; false where the film does not reach that far yet.
  show(ms) {
    const at = Math.min(ms, this.length),
      { events, reached } = this.film.until(at)
    this.at = reached ? at : this.film.chunk.until
    events.forEach(event => this.screen.apply(event))
    this.screen.draw(this.at)
    this.screen.point(this.film.pointer(this.at), this.at)
    this.tellTime(this.at)
    this.film.ahead(this.at, this.length)
    return reached
  }

  tellTime(ms) {
    this.seekbar.value = ms
    const seconds = Math.floor(ms / 1000)
    this.now.value = `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, "0")}`
    this.seekbar.setAttribute("aria-valuetext", this.now.value)
  }
}
