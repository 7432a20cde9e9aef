// Records a take: the voice here, in pieces sent as they come; everything else is in the log, marked
// with its moment by `during`.
import { send } from "shared/net"
import { say } from "shared/say"
import { token } from "shared/page"
import { minutesAndSeconds, recordedBy } from "shared/moment"
import { Part } from "surface/part"

const PIECE = 1000 // ms
const BEAT = 1000 // ms between two words of where the take is
const LONGEST_TRAIL = 40_000 // places
const TYPES = ["audio/webm;codecs=opus", "audio/webm", "audio/mp4"]

export class Recorder extends Part {
  static needs = ["state", "surface"]

  constructor(parts) {
    super(parts)
    recordedBy(() => this.during())
    this.surface.moment = () => this.during()
  }

  get on() {
    return this.phase === "on" || this.phase === "paused"
  }

  // The moment of the take for whatever is being done now.
  during() {
    return this.phase === "on" ? { take: this.take, ms: this.now() } : {}
  }

  // Where the pointer is, in page units; nothing when it went away.
  point(x, y) {
    if (this.phase === "on")
      this.trail.push([this.now(), this.surface.page, ...(x === undefined ? [] : [Math.round(x), Math.round(y)])])
  }

  now() {
    return Math.round(this.spent + (this.phase === "on" ? performance.now() - this.since : 0))
  }

  async start() {
    if (this.on) return
    await this.surface.settled()
    const stream = await navigator.mediaDevices?.getUserMedia({ audio: true }).catch(() => null)
    if (!stream) say("Usher cannot hear a microphone, so this take has no voice. The writing is recorded.")
    let answer
    try {
      answer = await send("POST", `/lessons/${this.surface.lesson}/takes`, {
        page: this.surface.page,
        sitting: this.surface.sitting
      })
    } catch (error) {
      stream?.getTracks().forEach(track => track.stop())
      return say(error.message)
    }
    Object.assign(this, { take: answer.take, spent: 0, number: 0, trail: [], sending: Promise.resolve() })
    if (stream) this.listen(stream)
    this.resume()
    this.timer = setInterval(() => this.show(), 500)
    this.beat = setInterval(() => this.tell(), BEAT)
    this.leaving = event => event.preventDefault()
    window.addEventListener("beforeunload", this.leaving)
  }

  listen(stream) {
    const mimeType = TYPES.find(type => MediaRecorder.isTypeSupported(type))
    this.voice = new MediaRecorder(stream, { mimeType, audioBitsPerSecond: 48_000 })
    this.voice.addEventListener("dataavailable", ({ data }) => {
      if (data.size) this.post(data, this.number++)
    })
    this.voice.start(PIECE)
  }

  // One piece after the other, each until it is kept.
  post(data, number) {
    const take = this.take
    this.sending = this.sending.then(async () => {
      for (let wait = 500; ; wait = Math.min(wait * 2, 8000)) {
        const response = await fetch(`/takes/${take}/voice_pieces?number=${number}`, {
          method: "POST",
          body: data,
          headers: { "Content-Type": "application/octet-stream", "X-CSRF-Token": token() }
        }).catch(() => null)
        if (response && response.status < 500) return
        await new Promise(resolve => setTimeout(resolve, wait))
      }
    })
  }

  pause() {
    this.spent = this.now()
    this.phase = "paused"
    if (this.voice?.state === "recording") this.voice.pause()
    this.tell()
    this.show()
  }

  resume() {
    this.since = performance.now()
    this.phase = "on"
    if (this.voice?.state === "paused") this.voice.resume()
    this.tell()
    this.show()
  }

  async stop() {
    const ms = this.now()
    this.phase = "stopping"
    clearInterval(this.timer)
    clearInterval(this.beat)
    window.removeEventListener("beforeunload", this.leaving)
    this.show()
    if (this.voice) {
      const ended = new Promise(resolve => this.voice.addEventListener("stop", resolve, { once: true }))
      this.voice.stop()
      await ended
      this.voice.stream.getTracks().forEach(track => track.stop())
      this.voice = null
    }
    await this.surface.settled()
    await this.sending
    try {
      const { at } = await send("POST", `/takes/${this.take}/stop`, { ms, trail: this.trail.slice(0, LONGEST_TRAIL) })
      say("The take is kept.", { action: "Watch it", run: () => location.assign(at), seconds: 20 })
    } catch (error) {
      say(error.message)
    }
    this.phase = null
    this.show()
  }

  // What others do meanwhile has its moment in the take too.
  tell() {
    this.surface.live?.perform("recording", { take: this.take, ms: this.phase === "on" ? this.now() : null })
  }

  show() {
    Object.assign(this.state, {
      recording: this.phase ?? null,
      takeClock: this.on ? minutesAndSeconds(this.now()) : ""
    })
  }
}
