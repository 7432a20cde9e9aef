// Activities that are played on the page in view: each lies in its place, over its card and under what was written
// later, as a playing video does. It can fill the page and go back.
import { Part } from "surface/part"
import { boxOf } from "surface/view"
import { ready } from "shared/activities"
import { load } from "shared/page"
import { markup, send } from "shared/net"

const SVG = "http://www.w3.org/2000/svg"
const OWN = 400 // ms in which a go that was dealt here is here
const LEAST = [300, 240], // CSS pixels in which it can be played in its place; in less it fills the screen
  [SMALLEST, LARGEST] = [0.88, 1.7] // how much it shrinks, so that a hand still meets everything, and grows

export default class OnPage extends Part {
  static needs = ["recorder", "surface"]

  constructor(parts) {
    super(parts)
    this.playing = new Map() // id of the card, or of the activity where a link led to it => { holder, body, large, page }
    this.screen = document.getElementById("play-screen")
    document.addEventListener("played", ({ target }) => this.fit(target.closest(".play-here")))
    this.screen.addEventListener("close", () => this.left())
    this.surface.camera.watch(() => this.lay())
    document.addEventListener("click", ({ target }) => this.who(target.closest("[data-who]")?.dataset.who))
  }

  // Who is where on the devices, and sending it to some.
  async who(address) {
    const sheet = document.getElementById("sendings")
    if (!address || sheet.open) return
    if ((await load("GET", address, "#sendings-body")) && !sheet.open) sheet.showModal()
  }

  // In Teach it can go to the class's devices.
  offer(body) {
    const line = body.querySelector(".play-class"),
      activity = body.querySelector("[data-player]")?.dataset.activity,
      { mode, sitting } = this.surface
    line.hidden = mode !== "teach" || !activity
    if (line.hidden) return
    line.setAttribute("hx-get", `/activities/${activity}/sendings?sitting=${sitting}`)
    line.addEventListener("htmx:afterSwap", () => this.fit(body))
    window.htmx.process(line)
    window.htmx.trigger(line, "room")
  }

  get seen() {
    const { sitting } = this.surface
    return sitting ? `sitting=${sitting}&` : ""
  }

  async open(activity, item) {
    const place = item ?? `activity-${activity}`
    if (this.playing.has(place))
      return this.playing.get(place).body.querySelector("[data-piece], input, button")?.focus()
    const from = `/activities/${activity}/attempts?${this.seen}as=wall&resume=1`
    await this.show(place, await markup("POST", from), { large: !item })
  }

  // The goes that stand on this page come back as large as they were; what stood there before is put away.
  async look() {
    const { page, mode, sitting, view } = this.surface
    for (const [place, entry] of [...this.playing]) if (entry.page !== page || mode !== "teach") this.remove(place)
    if (mode !== "teach") return
    const standing = await send("GET", `/pages/${page}/goes?sitting=${sitting}`)
    const goes = standing.flatMap(({ activity, attempt }) =>
      view
        .all()
        .filter(({ dataset }) => Number(dataset.activity) === activity)
        .map(({ dataset }) => [dataset.item, attempt])
    )
    for (const place of [...this.playing.keys()]) if (!goes.some(([item]) => item === place)) this.remove(place)
    for (const [place, attempt] of goes) {
      const entry = this.playing.get(place)
      if (entry?.body.querySelector(`#go-${attempt}`)) continue
      const html = await markup("GET", `/attempts/${attempt}`)
      if (this.surface.page !== page) return
      await this.show(place, html, { large: entry?.large })
    }
  }

  async show(place, html, { large = false } = {}) {
    const holder = document.createElementNS(SVG, "foreignObject"),
      body = document.getElementById("play-here").content.firstElementChild.cloneNode(true)
    holder.setAttribute("class", "living living-play")
    const press = (button, does) => body.querySelector(button).addEventListener("click", does)
    press("[data-large]", () => this.fill(place, true))
    press("[data-small]", () => this.fill(place, false))
    press("[data-away]", () => this.close(place))
    await ready(new DOMParser().parseFromString(html, "text/html"))
    this.remove(place)
    this.playing.set(place, { holder, body, large, page: this.surface.page })
    this.lay()
    window.htmx.swap(body.querySelector(".play-body"), html, { swapStyle: "innerHTML" })
    this.offer(body)
    this.fit(body)
  }

  // Fills the screen, or goes back to its place.
  fill(place, large) {
    this.playing.get(place).large = large
    this.lay()
  }

  // Where the cards lie now: they may have been moved or drawn anew, or are seen from nearer.
  lay() {
    for (const [place, entry] of this.playing) {
      const card = this.surface.view.find(place)
      if (card) this.layOver(card, entry)
      else if (place.startsWith("activity-")) this.layOnScreen(entry)
      else this.close(place)
    }
  }

  // In its place it is as many pixels large as the card is on this screen, so that a hand can use it at any zoom.
  layOver(card, entry) {
    const { holder, body, large } = entry,
      { scale } = this.surface.camera.view,
      { width, height } = boxOf(card)
    const fits = width * scale >= LEAST[0] && height * scale >= LEAST[1]
    body.querySelector("[data-small]").hidden = !fits
    if (large || !fits) return this.layOnScreen(entry)
    for (const [name, value] of Object.entries({ width, height, transform: card.getAttribute("transform") }))
      holder.setAttribute(name, value)
    Object.assign(body.style, {
      width: `${width * scale}px`,
      height: `${height * scale}px`,
      transform: `scale(${1 / scale})`
    })
    body.classList.remove("play-large")
    if (body.parentElement !== holder) holder.append(body)
    if (this.screen.open && !this.screen.childElementCount) this.screen.close()
    if (card.nextElementSibling !== holder) card.after(holder)
    this.fit(body)
  }

  layOnScreen({ holder, body }) {
    holder.remove()
    body.removeAttribute("style")
    body.classList.add("play-large")
    if (body.parentElement !== this.screen) this.screen.append(body)
    this.coverPage()
    this.fit(body)
  }

  // Over the page, and under the sheets that are open already (the window became smaller).
  coverPage() {
    if (this.screen.open) return
    const sheets = [...document.querySelectorAll("dialog:modal")]
    this.screen.showModal()
    for (const sheet of sheets) {
      sheet.close()
      sheet.showModal()
    }
  }

  // Esc leaves the screen: what has room goes back to its place.
  left() {
    for (const [place, entry] of [...this.playing]) {
      if (entry.body.parentElement !== this.screen) continue
      entry.large = false
      const back = !entry.body.querySelector("[data-small]").hidden && this.surface.view.find(place)
      back ? this.layOver(back, entry) : this.close(place)
    }
  }

  // As large as it can be with all of it in sight; where there is not room enough it scrolls.
  fit(body) {
    const inner = body?.querySelector(".play-body"),
      most = inner?.querySelector(".pictured") ? 1 : LARGEST // a picture takes the room itself
    for (let zoom = most; inner?.firstElementChild && zoom >= SMALLEST; zoom -= 0.05) {
      inner.style.zoom = zoom
      inner.style.setProperty("--zoom", zoom)
      inner.style.setProperty("--room", `${inner.clientHeight / zoom}px`)
      if (inner.firstElementChild.offsetHeight * zoom + 40 * zoom < inner.clientHeight) return
    }
  }

  // Somebody played at another board, dealt anew there, or reset the page.
  told({ attempt }) {
    if (!attempt) return this.look()
    const player = () => document.getElementById(`go-${attempt}`)
    if (player()) return player().dispatchEvent(new CustomEvent("elsewhere", { bubbles: true }))
    setTimeout(() => player() || this.look(), OWN)
  }

  close(place) {
    this.remove(place)
    this.surface.stage.focus({ preventScroll: true })
    if (this.recorder.on) this.surface.live.perform("played", this.recorder.during())
  }

  remove(place) {
    const entry = this.playing.get(place)
    entry?.holder.remove()
    entry?.body.remove()
    this.playing.delete(place)
    if (this.screen.open && !this.screen.childElementCount) this.screen.close()
  }
}
