// Activities that are played on the page in view: each lies in its place, over its card and under what was written
// later, as a playing video does. It can fill the page and go back.
import { Part } from "surface/part"
import { boxOf } from "surface/view"
import { ready } from "shared/activities"
import { markup, send } from "shared/net"

const SVG = "http://www.w3.org/2000/svg"
const SIDES = 110, // page units beside one that fills the page, where the tools are
  EDGE = 24, // above and below
  [SMALLEST, LARGEST] = [0.55, 1.7] // how much it shrinks before it scrolls, and grows where there is room

export default class OnPage extends Part {
  static needs = ["recorder", "surface"]

  constructor(parts) {
    super(parts)
    this.playing = new Map() // id of the card, or of the activity where a link led to it => { holder, large }
    this.surface.stage.addEventListener("played", ({ target }) => this.fit(target.closest("foreignObject")))
  }

  get seen() {
    const { sitting } = this.surface
    return sitting ? `sitting=${sitting}&` : ""
  }

  async open(activity, item) {
    const place = item ?? `activity-${activity}`
    if (this.playing.has(place))
      return this.playing.get(place).holder.querySelector("[data-piece], input, button")?.focus()
    const from = `/activities/${activity}/attempts?${this.seen}as=wall&resume=1`
    await this.show(place, await markup("POST", from), { large: !item })
  }

  // The goes that stand on this page come back; those of the page before are put away.
  async look() {
    const { page, mode, sitting, view } = this.surface
    this.clear()
    if (mode !== "teach") return
    const standing = await send("GET", `/pages/${page}/goes?sitting=${sitting}`)
    for (const { activity, attempt } of standing)
      for (const { dataset } of view.all().filter(({ dataset }) => Number(dataset.activity) === activity)) {
        const html = await markup("GET", `/attempts/${attempt}`)
        if (this.surface.page !== page) return
        await this.show(dataset.item, html)
      }
  }

  async show(place, html, { large = false } = {}) {
    const holder = document.createElementNS(SVG, "foreignObject")
    holder.setAttribute("class", "living living-play")
    holder.append(document.getElementById("play-here").content.cloneNode(true))
    const press = (button, does) => holder.querySelector(button).addEventListener("click", does)
    press("[data-large]", () => this.fill(place, true))
    press("[data-small]", () => this.fill(place, false))
    press("[data-away]", () => this.close(place))
    await ready(new DOMParser().parseFromString(html, "text/html"))
    this.playing.get(place)?.holder.remove()
    this.playing.set(place, { holder, large })
    this.lay()
    window.htmx.swap(holder.querySelector(".play-body"), html, { swapStyle: "innerHTML" })
    this.fit(holder)
  }

  // Fills the page, or goes back to its place.
  fill(place, large) {
    const entry = this.playing.get(place)
    entry.large = large
    this.lay()
    this.fit(entry.holder)
  }

  // Where the cards lie now: they may have been moved or drawn anew.
  lay() {
    const { view, camera } = this.surface
    for (const [place, { holder, large }] of this.playing) {
      const card = view.find(place)
      if (!card && !place.startsWith("activity-")) {
        this.close(place)
        continue
      }
      const fills = large || !card
      const box = fills
        ? { x: SIDES, y: EDGE, width: camera.page.width - 2 * SIDES, height: camera.page.height - 2 * EDGE }
        : { x: 0, y: 0, ...size(card) }
      for (const [name, value] of Object.entries(box)) holder.setAttribute(name, value)
      fills ? holder.removeAttribute("transform") : holder.setAttribute("transform", card.getAttribute("transform"))
      holder.classList.toggle("play-large", fills)
      if (fills) view.svg.querySelector("[data-items]").append(holder)
      else if (card.nextElementSibling !== holder) card.after(holder)
    }
  }

  // All of it in sight and as large as it can be; what would get too small scrolls.
  fit(holder) {
    const body = holder?.querySelector(".play-body"),
      room = holder?.querySelector(".play-here").clientHeight
    for (let zoom = LARGEST; body && zoom >= SMALLEST; zoom -= 0.05) {
      body.style.zoom = zoom
      body.style.setProperty("--zoom", zoom)
      if (body.firstElementChild.offsetHeight * zoom + 40 * zoom < room) return
    }
  }

  async told({ attempt }) {
    if (!attempt) return this.look()
    const player = document.getElementById(`go-${attempt}`)
    if (!player) return this.look()
    player.dispatchEvent(new CustomEvent("elsewhere", { bubbles: true }))
  }

  close(place) {
    this.playing.get(place)?.holder.remove()
    this.playing.delete(place)
    if (this.recorder.on) this.surface.live.perform("played", this.recorder.during())
  }

  clear() {
    for (const { holder } of this.playing.values()) holder.remove()
    this.playing.clear()
  }
}

function size(card) {
  const { width, height } = boxOf(card)
  return { width, height }
}
