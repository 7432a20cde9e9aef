// A camera or a shared screen, live on the page before what is there and under what is written then, until a tap
// freezes it into a picture. It is for this board and this moment: what it shows is kept only when it is frozen.
import { send } from "shared/net"
import { say } from "shared/say"
import { newId } from "shared/ids"
import { SimulatedCamera } from "media/simulated_camera"
import { bar } from "media/sheet"
import { Part } from "surface/part"
import { drag } from "surface/drag"

const SVG = "http://www.w3.org/2000/svg",
  HTML = "http://www.w3.org/1999/xhtml"
const LONGER = 1920 // dots of a frozen picture

export default class LiveView extends Part {
  static needs = ["choice", "room", "surface"]

  constructor(parts) {
    super(parts)
    this.surface.camera.watch(() => this.lay())
  }

  async screen() {
    if (!navigator.mediaDevices?.getDisplayMedia) return say("This browser cannot share a screen.")
    this.begin(() => navigator.mediaDevices.getDisplayMedia({ video: true, audio: false }), "Nothing was shared.")
  }

  camera() {
    this.begin(
      () => navigator.mediaDevices.getUserMedia({ video: { width: { ideal: 1920 }, facingMode: "environment" } }),
      "Usher was not given a camera, so this is the simulated one.",
      true
    )
  }

  async begin(ask, refused, camera = false) {
    this.close()
    this.room.hide()
    this.choice.clear()
    let stream
    try {
      stream = await ask()
    } catch {
      say(refused)
      if (!camera) return
      stream = this.simulate()
    }
    this.isCamera = camera
    this.box = { x: 250, y: 120, width: 1100, height: 620 }
    this.build()
    this.use(stream)
  }

  simulate() {
    this.simulated ??= new SimulatedCamera()
    return this.simulated.start()
  }

  use(stream) {
    this.stop()
    this.stream = stream
    this.video.srcObject = stream
    this.video.play().catch(() => {})
    stream.getVideoTracks()[0].addEventListener("ended", () => this.close())
    this.bar.querySelector(".simulated").hidden = !this.simulated?.is(stream)
  }

  build() {
    this.holder = document.createElementNS(SVG, "foreignObject")
    this.holder.setAttribute("class", "living living-view")
    this.video = Object.assign(document.createElementNS(HTML, "video"), { muted: true, autoplay: true })
    this.video.addEventListener("loadedmetadata", () => this.fit())
    this.holder.append(this.video)
    this.holder.dataset.z = this.z = this.surface.view.top + 0.5
    this.surface.view.items.append(this.holder)
    this.bar = bar("live")
    this.surface.stage.append(this.bar)
    this.bar.addEventListener("click", ({ target }) => {
      if (target.matches("[data-freeze]")) this.freeze()
      if (target.dataset.size) this.resize(Number(target.dataset.size))
      if (target.matches("[data-close]")) this.close()
    })
    this.bar.addEventListener("keydown", event => this.key(event))
    this.bar.querySelector(".live-grip").addEventListener("pointerdown", event => this.grab(event))
    if (this.isCamera) this.cameras()
    this.lay()
  }

  async cameras() {
    const choice = this.bar.querySelector("select"),
      found = ((await navigator.mediaDevices?.enumerateDevices?.()) ?? []).filter(({ kind }) => kind === "videoinput")
    choice.replaceChildren(
      ...found.map(({ label, deviceId }, index) => new Option(label || `Camera ${index + 1}`, deviceId)),
      new Option("Simulated camera", "simulated")
    )
    if (this.simulated?.is(this.stream)) choice.value = "simulated"
    choice.hidden = false
    choice.addEventListener("change", async () => {
      try {
        this.use(
          choice.value === "simulated"
            ? this.simulate()
            : await navigator.mediaDevices.getUserMedia({ video: { deviceId: { exact: choice.value } } })
        )
      } catch {
        say("That camera could not be opened.")
      }
    })
    this.lay()
  }

  // As high as the picture asks for.
  fit() {
    if (!this.video?.videoWidth) return
    this.box.height = Math.round((this.box.width * this.video.videoHeight) / this.video.videoWidth)
    this.lay()
  }

  resize(step) {
    const { box } = this,
      width = Math.min(1600, Math.max(200, box.width * (1 + step * 0.15))),
      factor = width / box.width
    this.box = {
      x: box.x + (box.width - width) / 2,
      y: box.y + (box.height - box.height * factor) / 2,
      width,
      height: box.height * factor
    }
    this.lay()
  }

  grab(event) {
    const { x, y } = this.box,
      { scale } = this.surface.camera.view
    drag(event, {
      move: (_, [dx, dy]) => {
        Object.assign(this.box, { x: x + dx / scale, y: y + dy / scale })
        this.lay()
      }
    })
  }

  key(event) {
    const way = { ArrowLeft: [-20, 0], ArrowRight: [20, 0], ArrowUp: [0, -20], ArrowDown: [0, 20] }[event.key]
    if (way && event.target.matches(".live-grip")) {
      this.box.x += way[0]
      this.box.y += way[1]
      this.lay()
      event.preventDefault()
    }
    if (event.key === "Escape") this.close()
  }

  lay() {
    if (!this.holder) return
    for (const [name, value] of Object.entries(this.box)) this.holder.setAttribute(name, value)
    const { x, y, width, height } = this.box,
      [left, top] = this.surface.camera.toScreen(x + width / 2, y + height),
      { clientHeight } = this.surface.stage
    this.bar.style.left = `${this.surface.camera.beside(left - this.bar.offsetWidth / 2, this.bar.offsetWidth)}px`
    this.bar.style.top = `${Math.max(8, Math.min(clientHeight - this.bar.offsetHeight - 12, top + 10))}px`
  }

  // What it shows now becomes a picture in its place: over what it lay over, under what was written over it.
  async freeze() {
    const { videoWidth, videoHeight } = this.video,
      {
        box,
        surface: { page }
      } = this
    if (!videoWidth) return say("There is no picture yet.")
    const scale = Math.min(1, LONGER / Math.max(videoWidth, videoHeight)),
      canvas = document.createElement("canvas")
    Object.assign(canvas, { width: Math.round(videoWidth * scale), height: Math.round(videoHeight * scale) })
    canvas.getContext("2d").drawImage(this.video, 0, 0, canvas.width, canvas.height)
    const name = this.isCamera ? "From the camera" : "From a shared screen"
    try {
      const form = new FormData()
      form.append(
        "file",
        new File([await new Promise(resolve => canvas.toBlob(resolve, "image/jpeg", 0.9))], `${name}.jpg`, {
          type: "image/jpeg"
        })
      )
      const { picture } = await send("POST", "/pictures", form)
      const item = {
        kind: "picture",
        id: newId(),
        z: this.z,
        picture,
        alt: name,
        ...Object.fromEntries(Object.entries(box).map(([side, value]) => [side, Math.round(value)]))
      }
      this.surface.do({ verb: "put", items: [item] }, this.surface.during(), page)
      await this.surface.settled()
      this.close()
    } catch (error) {
      say(error.message)
    }
  }

  stop() {
    this.stream?.getTracks().forEach(track => track.stop())
    this.stream = null
  }

  close() {
    this.stop()
    this.simulated?.stop()
    this.holder?.remove()
    this.bar?.remove()
    this.holder = this.bar = null
  }
}
