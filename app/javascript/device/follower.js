// Follows the teacher's page: patches, strokes while they are drawn, the pointer, page turns.
import { Feed } from "shared/feed"
import { PageView } from "shared/page_view"
import { WetInk } from "shared/ink"
import { opener } from "shared/opening"
import { outline } from "shared/outline"
import { say } from "shared/say"

const FORGOTTEN = 8000 // ms after which a stroke nobody finished goes

export class Follower {
  constructor(device) {
    this.device = device
    this.line = document.getElementById("line")
    this.open = opener({ page: () => say("Your teacher turns the pages here."), activity: number => this.play(number) })
    this.look()
    this.feed = new Feed({ identifier: { channel: "DeviceChannel" }, mark: JSON.parse(device.dataset.mark), missed: "/seat/feed",
      heard: message => this.heard(message), afresh: () => this.afresh(), connected: on => { this.line.hidden = on }, rejected: () => location.assign("/seat") })
    window.usherFollower = this // what the bench reads
    device.addEventListener("click", event => this.press(event))
  }

  look() {
    this.place = document.querySelector("[data-page][data-seq]")
    this.page = Number(this.place.dataset.page)
    this.view = new PageView(document.getElementById("page-view"))
    const wet = document.getElementById("wet")
    this.wet = new WetInk(wet, () => ({ x: 0, y: 0, scale: wet.clientWidth / this.view.size.width }))
    this.dot = this.view.svg.querySelector("[data-dot]")
    this.offer()
    if (this.place.dataset.media) this.media(JSON.parse(this.place.dataset.media))
  }

  heard(message) {
    if (message.patch) this.patch(message.patch)
    if (message.wet) this.ink(message.wet)
    if (message.pointer) this.point(message.pointer.at)
    if (message.light) this.light(message.light)
    if (message.media) this.media(message.media)
    if (message.turn) this.afresh()
    if (message.poll) this.poll()
    if (message.shut) location.assign("/seat")
  }

  patch(patch) {
    if (patch.page !== this.page) return
    this.view.apply(patch)
    patch.put.forEach(({ id }) => this.wet.remove(id))
    this.player?.lay()
    this.own?.lay()
    this.offer()
  }

  ink({ page, id, colour, stroke_width, nib, opacity, points }) {
    if (page !== this.page || this.view.find(id)) return
    if (!this.wet.has(id)) {
      this.wet.begin(id, { colour, stroke_width, nib, opacity })
      setTimeout(() => this.wet.remove(id), FORGOTTEN)
    }
    this.wet.add(id, points)
  }

  point(at) {
    this.dot.setAttribute("visibility", at ? "visible" : "hidden")
    if (at) this.dot.setAttribute("transform", `translate(${at.join(" ")})`)
  }

  // The teacher's spotlight: everything else is dimmed here too.
  light({ at, size, round }) {
    const dim = this.view.svg.querySelector("[data-dim]")
    dim.setAttribute("visibility", at ? "visible" : "hidden")
    if (at) dim.setAttribute("d", `M-9 -9H${this.view.size.width + 9}V${this.view.size.height + 9}H-9Z${outline(at, size, round)}`)
  }

  // What the teacher plays is played here too, silently until a hand says otherwise. The part that does it
  // is fetched when it is first wanted.
  async media(state) {
    if (state.item && state.page !== this.page || !state.item && !this.player) return
    const heard = Date.now()
    if (!this.player) {
      const { default: Player } = await import("media/player")
      this.player ??= new Player({ view: () => this.view, place: document.getElementById("media-place"), follows: true })
    }
    this.player.place = document.getElementById("media-place")
    this.player.follow(state, (Date.now() - heard) / 1000)
  }

  // A tap on a sound or a video of the page plays it on this device alone, with a bar of its own.
  async playHere(item) {
    const { default: Player } = await import("media/player")
    this.player?.close()
    this.own ??= new Player({ view: () => this.view })
    this.own.place = document.getElementById("media-place")
    this.own.open(item)
  }

  // The whole page anew, after a turn or a gap too large to fill.
  async afresh() {
    const response = await fetch("/seat/page").catch(() => null)
    if (!response) return null
    if (!response.ok) { location.assign("/seat"); return null }
    document.getElementById("page-place").innerHTML = await response.text()
    const was = this.page
    this.player?.close()
    this.own?.close()
    this.look()
    if (was !== this.page) this.playing(false)
    this.poll()
    return JSON.parse(this.place.dataset.mark)
  }

  poll() { window.htmx.trigger("#poll-place", "room") }

  // A large button for every activity on the page.
  offer() {
    const place = document.getElementById("plays")
    const cards = this.view.all().filter(element => element.dataset.activity)
    const shown = cards.map(card => card.dataset.activity + card.getAttribute("aria-label")).join()
    if (this.offered === shown && place.children.length === cards.length) return
    this.offered = shown
    place.replaceChildren(...cards.map(card => {
      const button = document.createElement("button")
      Object.assign(button, { type: "button", className: "button button-next play-offer", textContent: card.getAttribute("aria-label").replace(/^Activity: /, "Play: ") })
      button.dataset.play = card.dataset.activity
      return button
    }))
  }

  // One thing at a time: while an activity is open the page waits behind it.
  playing(on) {
    document.getElementById("play").hidden = !on
    this.device.toggleAttribute("data-playing", on)
    if (!on) document.getElementById("player-place").replaceChildren()
    window.scrollTo(0, 0)
  }

  press(event) {
    if (event.target.closest("[data-back]")) return this.playing(false)
    const item = event.target.closest("[data-item]")?.dataset, address = event.target.closest("a[href]")
    if (address && this.view.svg.contains(address)) return event.preventDefault(), this.open({ to: "address", address: address.getAttribute("href") })
    const activity = event.target.closest("[data-play]")?.dataset.play ?? item?.activity
    if (item?.link) return this.open(JSON.parse(item.link), { page: this.page, item: item.item })
    if (item?.leads) return this.open({ to: "address", address: item.leads })
    if (item?.plays) return this.playHere(this.view.find(item.item))
    if (item?.framed) return this.frame(this.view.find(item.item))
    if (activity) this.play(activity)
  }

  async frame(element) {
    const { default: Frames } = await import("media/frames")
    this.frames ??= new Frames(() => this.view)
    this.frames.open(element)
  }

  play(activity) {
    window.htmx.ajax("POST", `/activities/${activity}/attempts?as=seat&resume=1`, { target: "#player-place", swap: "innerHTML" })
    this.playing(true)
  }
}
