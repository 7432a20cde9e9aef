// Drag over a part of the page: it becomes a picture here, on a new page, or in the store room. By keys the
// whole page is captured.
import { send } from "shared/net"
import { say } from "shared/say"
import { sheet } from "media/sheet"
import { newId } from "shared/ids"
import { Part } from "surface/part"
import { drag } from "surface/drag"

export default class Capture extends Part {
  static needs = ["order", "room", "surface"]

  begin() {
    this.end()
    const { stage } = this.surface
    this.room.hide()
    say("Drag over the part to capture, or press Enter for the whole page.", {
      action: "Never mind",
      run: () => this.end()
    })
    const layer = (this.layer = Object.assign(document.createElement("div"), {
      className: "capture-layer",
      tabIndex: 0
    }))
    Object.assign(layer.style, { position: "absolute", inset: 0, zIndex: 18, cursor: "crosshair", touchAction: "none" })
    layer.dataset.overStage = layer.dataset.ownKeys = ""
    layer.setAttribute("aria-label", "Drag over the part to capture. Enter takes the whole page, Escape calls it off.")
    layer.addEventListener("pointerdown", event => this.down(event))
    layer.addEventListener("keydown", event => {
      if (event.key === "Escape") this.end()
      if (event.key === "Enter") {
        this.end()
        this.choose([0, 0, this.surface.camera.page.width, this.surface.camera.page.height])
      }
    })
    stage.append(layer)
    layer.focus()
  }

  down(event) {
    event.preventDefault()
    event.stopPropagation()
    if (this.from) return // another finger is at it
    this.from = [event.clientX, event.clientY]
    this.box = this.layer.appendChild(Object.assign(document.createElement("div"), { className: "capture-box" }))
    drag(event, { move: moved => this.move(moved), end: lifted => this.up(lifted), cancel: () => this.end() })
  }

  move(event) {
    if (!this.from) return
    const { left, top } = this.layer.getBoundingClientRect(),
      [x, y] = this.from
    Object.assign(this.box.style, {
      left: `${Math.min(x, event.clientX) - left}px`,
      top: `${Math.min(y, event.clientY) - top}px`,
      width: `${Math.abs(event.clientX - x)}px`,
      height: `${Math.abs(event.clientY - y)}px`
    })
  }

  up(event) {
    if (!this.from) return
    const [a, b] = [this.from, [event.clientX, event.clientY]].map(place => this.surface.camera.toPage(...place))
    const box = [Math.min(a[0], b[0]), Math.min(a[1], b[1]), Math.abs(a[0] - b[0]), Math.abs(a[1] - b[1])].map(
      Math.round
    )
    this.end()
    box[2] < 8 || box[3] < 8 ? say("Drag over a larger part.") : this.choose(box)
  }

  end() {
    this.layer?.remove()
    this.layer = this.from = null
    this.surface.stage.focus()
  }

  choose(box) {
    const asked = sheet("capture")
    asked.addEventListener("click", ({ target }) => {
      const { to } = target.closest("[data-to]")?.dataset ?? {}
      if (!to) return
      asked.close()
      this.take(box, to).catch(error => say(error.message))
    })
  }

  async take(box, to) {
    const { page } = this.surface
    await this.surface.settled()
    const picture = await send("POST", `/pages/${page}/capture`, {
      box,
      keep: to === "room",
      sitting: this.surface.sitting
    })
    if (to === "room") return say("It is in the store room.")
    const item = { kind: "picture", id: newId(), picture: picture.id, alt: picture.name, width: box[2], height: box[3] }
    if (to === "here") return this.room.put([{ ...item, x: box[0] + 40, y: box[1] + 40 }], page)
    await this.order.add({ paper: "plain" })
    await this.room.put([
      {
        ...item,
        x: Math.round((this.surface.camera.page.width - box[2]) / 2),
        y: Math.round((this.surface.camera.page.height - box[3]) / 2)
      }
    ])
  }
}
