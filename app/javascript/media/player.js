// Plays sounds and videos in their place on a page, with a bar of their own under them. On a board the
// teacher's doings are told to `tell`; a device only follows (`follow`).
import { boxOf } from "surface/view"
import { say } from "shared/say"
import { Pace } from "media/pace"

const SVG = "http://www.w3.org/2000/svg",
  HTML = "http://www.w3.org/1999/xhtml"
const SPEEDS = [0.5, 0.75, 1, 1.25, 1.5, 2]

export default class Player {
  // view: the PageView; place: where the bar goes; options: tell(state), still(id, at), keep(id, set);
  // toScreen, beside: as the camera says.
  constructor({ view, place, tell, still, keep, toScreen, beside, follows = false }) {
    Object.assign(this, { view, place, tell, still, keep, toScreen, beside, follows })
  }

  get element() {
    return this.id && this.view().find(this.id)
  }

  // Opens what lies in an item and plays it.
  open(element, { play = true, focus = false } = {}) {
    if (this.id === element.dataset.item) return play ? this.toggle() : null
    this.close({ quiet: true })
    const { item, asset, plays, title, loop, from = 0, until = 0 } = element.dataset
    Object.assign(this, { id: item, asset, title, from: Number(from), until: Number(until) })
    this.media = Object.assign(document.createElementNS(HTML, plays === "video" ? "video" : "audio"), {
      src: `/media/${asset}`,
      preload: "auto",
      playsInline: true,
      loop: Boolean(loop) && !Number(until)
    })
    this.looping = Boolean(loop)
    this.media.setAttribute("playsinline", "")
    if (this.follows) this.media.muted = true
    this.bar = this.makeBar(plays)
    plays === "video" ? this.frame() : this.bar.append(this.media)
    this.place.append(this.bar)
    const { media } = this,
      now = does => () => {
        if (this.media === media) does()
      } // not when it is closed meanwhile
    for (const name of ["play", "pause", "seeked", "ratechange"])
      media.addEventListener(
        name,
        now(() => this.changed())
      )
    media.addEventListener(
      "timeupdate",
      now(() => this.passed())
    )
    media.addEventListener(
      "error",
      now(() => this.broken())
    )
    media.addEventListener(
      "loadedmetadata",
      now(() => {
        if (this.from && media.currentTime < this.from) media.currentTime = this.from
        this.catchUp()
        this.show()
      })
    )
    this.lay()
    if (focus) this.playing?.focus()
    if (play) this.media.play().catch(() => this.show())
  }

  // The video lies in the page, right over its drawing, so that ink stays above it.
  frame() {
    this.holder = document.createElementNS(SVG, "foreignObject")
    this.holder.setAttribute("class", "living")
    this.holder.append(this.media)
    this.lay()
  }

  // Where the thing lies now: it may have been moved or drawn anew.
  lay() {
    const { element } = this
    if (!this.id) return
    if (!element) return this.close()
    if (this.holder) {
      const { width, height } = boxOf(element)
      this.holder.setAttribute("width", width)
      this.holder.setAttribute("height", height)
      this.holder.setAttribute("transform", element.getAttribute("transform"))
      if (element.nextElementSibling !== this.holder) element.after(this.holder)
    }
    if (!this.bar || !this.toScreen) return
    const { x, y, width, height } = boxOf(element),
      [left, top] = this.toScreen(x + width / 2, y + height)
    const { offsetWidth, offsetHeight } = this.bar
    this.bar.style.left = `${this.beside(left - offsetWidth / 2, offsetWidth)}px`
    // Over the foot of a large video, so that a storyboard can be seen growing under it; else below.
    const inside = this.holder && top - this.toScreen(x, y)[1] > offsetHeight * 3
    const wanted = inside ? top - offsetHeight - 10 : top + 10
    this.bar.style.top = `${Math.max(8, Math.min(this.place.clientHeight - offsetHeight - 12, wanted))}px`
  }

  makeBar(kind) {
    const bar = document.createElement("div"),
      own = !this.follows
    bar.className = "media-bar"
    bar.dataset.overStage = bar.dataset.ownKeys = ""
    bar.setAttribute("role", "group")
    bar.setAttribute("aria-label", `Player: ${this.title || kind}`)
    const add = (tag, values, press) => {
      const element = Object.assign(document.createElement(tag), values)
      if (values.label) element.setAttribute("aria-label", values.label)
      if (press) element.addEventListener(tag === "button" ? "click" : "input", press)
      bar.append(element)
      return element
    }
    const button = (words, press) => add("button", { type: "button", textContent: words }, press)
    if (own) {
      this.playing = button("Play", () => this.toggle())
      this.slider = add(
        "input",
        { type: "range", min: 0, max: 1000, value: 0, label: "Position", className: "media-position" },
        () => {
          this.media.currentTime = (this.slider.value / 1000) * this.length
        }
      )
    } else {
      button("Sound on", ({ target }) => {
        this.media.muted = !this.media.muted
        target.textContent = this.media.muted ? "Sound on" : "Sound off"
        if (!this.media.muted) this.media.play().catch(() => {})
      })
    }
    this.time = add("output", { className: "media-time" })
    this.time.setAttribute("aria-live", "off")
    if (!own) return bar
    const volume = add(
      "input",
      { type: "range", min: 0, max: 100, value: 100, label: "Volume", className: "media-volume" },
      () => {
        this.media.volume = volume.value / 100
      }
    )
    const speed = add("select", { label: "Speed" })
    for (const rate of SPEEDS) speed.append(new Option(`${rate} ×`, rate, rate === 1, rate === 1))
    speed.addEventListener("change", () => {
      this.media.playbackRate = Number(speed.value)
    })
    this.loops = button("Loop", () => this.loop())
    this.loops.setAttribute("aria-pressed", this.looping)
    this.starts = button("From here", () => this.part("from"))
    this.ends = button("To here", () => this.part("until"))
    if (kind === "video" && this.still) button("Still", () => this.still(this.id, this.asset, this.media.currentTime))
    if (kind === "video" && this.keep)
      button("Poster", () => this.still(this.id, this.asset, this.media.currentTime, { poster: true }))
    button("Close", () => this.close())
    bar.addEventListener("keydown", event => {
      if (event.key === "Escape") {
        event.stopPropagation()
        this.close()
      }
      if (event.key === " " && event.target === bar) {
        event.preventDefault()
        this.toggle()
      }
    })
    return bar
  }

  get length() {
    return Number.isFinite(this.media.duration) ? this.media.duration : 0
  }

  toggle() {
    this.media.paused ? this.media.play().catch(() => {}) : this.media.pause()
  }

  // All of it again and again, or only the part that was set.
  loop() {
    this.looping = !this.looping
    this.media.loop = this.looping && !this.until
    this.loops.setAttribute("aria-pressed", this.looping)
    this.keep?.(this.id, { loop: this.looping })
  }

  // A part begins or ends at this moment; pressed again at the other side of it, the part is all again.
  part(end) {
    const now = Math.round(this.media.currentTime * 100) / 100
    const from = end === "from" ? now : this.from,
      until = end === "until" ? now : this.until
    const valid = !until || until > from + 0.2
    Object.assign(this, valid ? { from, until } : { from: end === "from" ? now : 0, until: 0 })
    this.media.loop = this.looping && !this.until
    this.keep?.(this.id, { from: this.from, until: this.until })
    say(this.until ? `Plays from ${clock(this.from)} to ${clock(this.until)}.` : `Plays from ${clock(this.from)} on.`)
    this.show()
  }

  passed() {
    const { currentTime } = this.media
    this.catchUp()
    if (this.until && currentTime >= this.until && !this.follows) {
      if (this.looping) this.media.currentTime = this.from
      else {
        this.media.pause()
        this.media.currentTime = this.from
      }
    }
    this.show()
  }

  show() {
    if (!this.media) return
    const { currentTime, paused } = this.media
    if (this.playing) this.playing.textContent = paused ? "Play" : "Pause"
    if (this.slider && this.length && document.activeElement !== this.slider)
      this.slider.value = (currentTime / this.length) * 1000
    if (this.slider) this.slider.setAttribute("aria-valuetext", clock(currentTime))
    this.time.textContent = `${clock(currentTime)} / ${clock(this.length)}`
    this.starts?.setAttribute("aria-pressed", this.from > 0)
    this.ends?.setAttribute("aria-pressed", this.until > 0)
  }

  changed() {
    this.show()
    if (!this.media.seeking) this.tell?.(this.state())
  }

  state() {
    return {
      item: this.id,
      playing: !this.media.paused,
      at: Math.round(this.media.currentTime * 1000) / 1000,
      rate: this.media.playbackRate
    }
  }

  // A device does as the teacher's board does. `since`: seconds that passed since it was told.
  follow({ item, playing, at, rate = 1 }, since = 0) {
    if (!item) return this.close({ quiet: true })
    const element = this.view().find(item)
    if (!element?.dataset.plays) return this.close({ quiet: true })
    if (this.id !== item) this.open(element, { play: false })
    this.pace ??= new Pace()
    this.pace.told({ at, playing, rate }, since)
    this.media.playbackRate = rate
    this.catchUp()
    playing ? this.media.play().catch(() => {}) : this.media.pause()
  }

  // A device that follows goes to where the others are.
  catchUp() {
    if (!this.follows || !this.pace || !this.media?.readyState) return
    const { currentTime, duration } = this.media
    const to = this.pace.jump(currentTime, duration || Infinity)
    if (to !== null) this.media.currentTime = to
  }

  broken() {
    if (!this.media?.getAttribute("src")) return
    const { asset } = this
    this.close()
    fetch(`/media/${asset}/progress`, { headers: { Accept: "application/json" } })
      .then(response => (response.ok ? response.json() : {}))
      .then(({ state, progress }) => {
        say(
          state === "working"
            ? `That is still being made playable (${progress} %). Try again in a moment.`
            : "That cannot be played here."
        )
      })
      .catch(() => say("That cannot be played here."))
  }

  close({ quiet = false } = {}) {
    if (!this.id) return
    const { media } = this
    this.id = this.pace = null
    media.pause()
    media.removeAttribute("src")
    media.load()
    this.holder?.remove()
    this.bar?.remove()
    this.holder = this.bar = this.media = this.playing = this.slider = this.starts = this.ends = this.loops = null
    if (!quiet) this.tell?.({})
  }
}

const clock = seconds => `${Math.floor(seconds / 60)}:${String(Math.floor(seconds % 60)).padStart(2, "0")}`
