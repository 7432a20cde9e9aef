// Records with the microphone; what was said lies on the page as a sound, or opens from what was chosen.
import { sheet } from "media/sheet"
import { send } from "shared/net"
import { say } from "shared/say"
import { Part } from "surface/part"

const LONGEST = 30 * 60 * 1000 // ms

export default class SoundRecorder extends Part {
  static needs = ["room", "surface"]

  // For a link on what is chosen: ids.
  async open(ids = null) {
    this.ids = ids
    let stream
    try {
      stream = await navigator.mediaDevices.getUserMedia({ audio: true })
    } catch {
      return say("Usher was not given the microphone. Allow it in the browser, then try again.")
    }
    this.stream = stream
    this.pieces = []
    this.sheet = sheet("sound", { closed: () => this.end() })
    this.sheet.querySelector("[data-stop]").addEventListener("click", () => this.stop())
    this.sheet.dataset.unkept = ""
    this.sheet.querySelector("input").value =
      `Recording ${new Date().toLocaleTimeString([], { hour: "2-digit", minute: "2-digit" })}`
    this.recorder = new MediaRecorder(stream)
    this.recorder.addEventListener("dataavailable", ({ data }) => {
      if (data.size) this.pieces.push(data)
    })
    this.recorder.addEventListener("stop", () => {
      if (this.keeping) this.keep()
    })
    this.recorder.start(1000)
    this.began = performance.now()
    this.measure()
    this.tick = setInterval(() => this.show(), 200)
  }

  show() {
    const seconds = (performance.now() - this.began) / 1000
    this.sheet.querySelector(".sound-clock").textContent =
      `${Math.floor(seconds / 60)}:${String(Math.floor(seconds % 60)).padStart(2, "0")}`
    if (this.analyser) {
      this.analyser.getByteTimeDomainData(this.wave)
      this.sheet.querySelector(".meter i").style.width =
        `${Math.min(100, Math.max(...this.wave.map(value => Math.abs(value - 128))) * 1.6)}%`
    }
    if (seconds * 1000 > LONGEST) this.stop()
  }

  // How loud it is, so that a silent microphone is seen before the class has spoken.
  measure() {
    this.context = new AudioContext()
    this.analyser = this.context.createAnalyser()
    this.wave = new Uint8Array(this.analyser.fftSize)
    this.context.createMediaStreamSource(this.stream).connect(this.analyser)
  }

  stop() {
    if (this.keeping) return
    this.keeping = true
    this.name = this.sheet.querySelector("input").value.trim() || "Recording"
    this.recorder.stop()
  }

  async keep() {
    const type = this.recorder.mimeType || "audio/webm",
      file = new File(this.pieces, `${this.name}.${type.includes("mp4") ? "m4a" : "weba"}`, { type })
    const { ids } = this
    this.sheet.close()
    try {
      const form = new FormData()
      form.append("file", file)
      const { asset, name } = await send("POST", "/media", form)
      if (ids)
        this.surface.do({
          verb: "change",
          changes: ids.map(id => ({ id, set: { link: { to: "sound", asset, name } } }))
        })
      else await this.room.take("own", [asset])
      this.room.shelve()
    } catch (error) {
      say(error.message)
    }
  }

  end() {
    clearInterval(this.tick)
    if (this.recorder.state !== "inactive") this.recorder.stop()
    this.stream.getTracks().forEach(track => track.stop())
    this.context?.close()
    this.keeping = false
  }
}
