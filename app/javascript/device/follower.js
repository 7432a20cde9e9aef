// Follows the teacher's page: patches, strokes while they are drawn, the pointer, the spotlight, media, page turns.
import { Hand } from "device/hand"
import { Notice } from "device/notice"
import { Feed } from "surface/feed"
import { Again } from "shared/again"
import { Surface } from "surface/surface"
import { WholePage } from "surface/whole_page"
import { opener } from "shared/opening"
import { outline } from "surface/outline"
import { say } from "shared/say"
import { fetchModule, send } from "shared/net"

// What is fetched anew when there is something new in it.
const ROOMS = ["#poll-place", "#sent-place", "#tools-place"]

// What this tab remembers over a reload.
const remembered = name => {
  try {
    return sessionStorage.getItem(`usher:${name}`)
  } catch {
    return null
  }
}
const remember = (name, value) => {
  try {
    sessionStorage.setItem(`usher:${name}`, value)
  } catch {
    // it is offered once more
  }
}

export class Follower {
  constructor(device) {
    this.device = device
    this.line = document.getElementById("line")
    Object.assign(this, JSON.parse(device.dataset.seat)) // seat: its number; rights: what it may
    this.again = new Again(() => this.tellLine())
    this.connected = true
    this.reading = new Set() // what is told while a page is fetched, a list for each
    this.hand = new Hand(document.getElementById("hand"), this.again, words => this.announce(words))
    this.told = new Notice(document.getElementById("notice"))
    this.open = opener({ page: () => say("Your teacher turns the pages here."), activity: number => this.play(number) })
    this.look()
    this.feed = new Feed({
      identifier: { channel: "DeviceChannel" },
      mark: JSON.parse(device.dataset.mark),
      missed: "/seat/feed",
      heard: message => this.heard(message),
      alone: ({ answered }) => answered && this.answers?.told(answered),
      afresh: () => this.afresh(),
      connected: on => {
        this.connected = on
        if (!on) this.answers?.ask()
        this.tellLine()
      },
      rejected: () => location.assign("/seat")
    })
    this.allow(this.rights)
    this.asked()
    this.sent()
    window.usherFollower = this // what the bench reads
    device.addEventListener("click", event => this.press(event))
    document.addEventListener("htmx:sendError", ({ target }) => {
      if (ROOMS.includes(`#${target.id}`)) this.again.later(target.id, () => window.htmx.trigger(target, "room"))
    })
    document.addEventListener("htmx:afterSwap", ({ detail }) => {
      this.again.done(detail.target?.id)
      if (detail.target?.id === "poll-place") this.asked()
      if (detail.target?.id === "sent-place") this.sent()
      if (detail.target?.id === "player-place" && detail.requestConfig?.path.startsWith("/seat/handouts"))
        this.playing(true)
    })
  }

  // Whether anything is wrong with the network.
  tellLine() {
    this.line.hidden = this.connected && !this.again.tasks.size
  }

  // Said to who does not see the screen.
  announce(words) {
    document.getElementById("spoken").textContent = words
  }

  // A question has come or has gone.
  asked() {
    const form = document.querySelector("#poll-place form[data-poll-kind]")
    if (form && !this.answers) this.wanted("device/answers", ({ Answers }) => (this.answers ??= new Answers(this.feed)))
    if (form && ["order", "spot", "drawing"].includes(form.dataset.pollKind))
      this.wanted("device/answering", ({ answering }) => {
        if (form.isConnected) answering(form, document.getElementById("page-view"))
      })
    const poll = document.querySelector("#poll-place [name=poll]")?.value
    if (poll === this.question) return
    const asks = document.querySelector("#poll-place h2")?.textContent
    this.announce(poll ? `Your teacher asks: ${asks}` : "The question is closed.")
    if (poll) this.notice("Your teacher asks something.")
    this.question = poll
  }

  // An activity has come from the teacher: it opens by itself, once, where nothing else is being played.
  sent() {
    const { sent, play } = document.querySelector("#sent-place [data-sent]")?.dataset ?? {}
    this.offerOnce()
    if (!sent || remembered("sent") === sent) return
    remember("sent", sent)
    this.announce("Your teacher has sent an activity.")
    const here = document.querySelector("#player-place [data-player]")?.dataset.activity
    if (here === play) return
    if (!this.notice("Your teacher has sent an activity.", play))
      this.wanted("device/playing", playing => this.start(playing, play))
  }

  get view() {
    return this.surface.view
  }

  // The page that is in the document by now becomes the surface.
  look() {
    this.place = document.querySelector("[data-page][data-seq]")
    this.away = Boolean(this.place.querySelector("[data-away]")) // on a page of its own choice
    this.page = Number(this.place.dataset.page)
    const wet = document.getElementById("wet")
    this.surface = new Surface({
      svg: document.getElementById("page-view"),
      wet,
      camera: view => new WholePage(view, wet),
      facts: { page: this.page }
    })
    this.surface.events.on("patched", () => this.patched())
    this.offer()
    this.writing?.look(this.surface)
    if (this.place.dataset.media) this.media(JSON.parse(this.place.dataset.media))
    if (this.place.dataset.light) this.light(JSON.parse(this.place.dataset.light))
  }

  heard(message) {
    if (message.patch) this.patch(message.patch)
    if (message.wet) this.surface.follow(message.wet)
    if (message.pointer && !this.away) this.surface.point(message.pointer)
    if (message.rights) this.allow(message.rights, true)
    if (message.light && !this.away) this.light(message.light)
    if (message.media) this.media(message.media)
    if (message.turn && this.away) this.announce("Your teacher has turned the page.")
    else if (message.turn || message.fresh || message.paging !== undefined) this.afresh()
    if (message.poll) this.poll()
    if (message.tools) window.htmx.trigger("#tools-place", "room")
    if (message.eyes !== undefined) this.eyes(message.eyes)
    if (message.sent) window.htmx.trigger("#sent-place", "room")
    if (message.named) document.getElementById("named").textContent = message.named
    if (message.hand !== undefined) this.hand.told(message.hand)
    if (message.shut) location.assign("/seat")
  }

  // What was done to a thing that this student has a copy of is theirs to see as they left it.
  patch(patch) {
    this.reading.forEach(told => told.push(patch))
    if (patch.page !== this.page) return
    const ids = [...patch.put.map(({ id }) => id), ...patch.gone]
    this.rights.includes("copy") && ids.some(id => this.view.find(id)) ? this.afresh() : this.surface.patch(patch)
  }

  // What a part of the script that is fetched when it is first wanted is wanted for: without a network that is done later.
  wanted(name, then) {
    const attempt = () =>
      fetchModule(name).then(
        module => {
          this.again.done(name)
          then(module)
        },
        () => this.again.later(name, attempt)
      )
    return attempt()
  }

  // What may be done here, besides looking. With a copy of one's own the page is another one.
  allow(rights, told = false) {
    const turns = told && rights.includes("copy") !== this.rights.includes("copy")
    this.rights = rights
    if (this.writing) this.writing.allow(rights)
    else if (rights.some(right => right !== "answer"))
      this.wanted("device/writing", ({ default: Writing }) => {
        this.writing ??= new Writing(this, document.getElementById("hold"))
        this.writing.look(this.surface)
        this.writing.allow(this.rights)
      })
    if (turns) this.afresh()
    if (!told) return
    this.announce(rights.length ? "Your teacher has changed what you can do." : "Just watch for now.")
    this.poll()
  }

  patched() {
    this.player?.lay()
    this.own?.lay()
    this.frames?.lay()
    this.offer()
  }

  // The teacher's spotlight: everything else is dimmed here too.
  light({ at, size, round }) {
    const dim = this.view.svg.querySelector("[data-dim]"),
      { width, height } = this.view.size
    dim.setAttribute("visibility", at ? "visible" : "hidden")
    if (at) dim.setAttribute("d", `M-9 -9H${width + 9}V${height + 9}H-9Z${outline(at, size, round)}`)
  }

  // What the teacher plays is played here too, silently until a hand says otherwise. The part that does it is fetched
  // when it is first wanted.
  media(state) {
    const heard = (this.heardLast = Date.now())
    if (state.item ? state.page !== this.page : !this.player) return
    this.wanted("media/player", ({ default: Player }) => {
      if (heard !== this.heardLast || (state.item && state.page !== this.page)) return // something newer was told meanwhile
      this.player ??= new Player({ view: () => this.view, follows: true })
      this.player.place = document.getElementById("media-place")
      this.player.follow(state, (Date.now() - heard) / 1000)
    })
  }

  // A tap on a sound or a video of the page plays it on this device alone, with a bar of its own.
  async playHere(item) {
    const { default: Player } = await fetchModule("media/player")
    this.player?.close()
    this.own ??= new Player({ view: () => this.view })
    this.own.place = document.getElementById("media-place")
    this.own.open(item)
  }

  // The whole page anew, after a turn or a gap too large to fill.
  // page: one that was turned to, or "teacher" for the one the class looks at.
  async afresh(page = this.away ? this.page : "teacher") {
    const told = []
    this.reading.add(told)
    const [response, text] = await fetch(page === "teacher" ? "/seat/page" : `/seat/page?page=${page}`)
      .then(async response => [response, await response.text()])
      .catch(() => [])
    this.reading.delete(told)
    if (!response) {
      this.again.later("page", () => this.afresh(page))
      return null
    }
    this.again.done("page")
    if (response.status === 404 && page !== "teacher") return this.afresh("teacher")
    if (!response.ok) {
      location.assign("/seat")
      return null
    }
    window.htmx.swap("#page-place", text, { swapStyle: "innerHTML" })
    const was = this.page
    this.player?.close()
    this.own?.close()
    this.look()
    told.forEach(patch => this.patch(patch)) // the answer may be older than these
    if (was !== this.page && !this.away) this.turned()
    for (const place of ROOMS) window.htmx.trigger(place, "room")
    return JSON.parse(this.place.dataset.mark)
  }

  // What happens meanwhile is said, and takes nobody out of an activity. Answers whether one is played. to: an activity
  // that is gone to, rather than back to the page.
  notice(words, to = "") {
    if (!this.device.hasAttribute("data-playing")) return false
    this.told.add(words, to)
    return true
  }

  // Another page: a focus that went with the one before comes to it.
  turned() {
    this.announce("Your teacher has turned the page.")
    if (this.notice("Your teacher has turned the page.")) return
    if (document.activeElement === document.body) document.getElementById("page-place").focus({ preventScroll: true })
  }

  // The teacher wants all eyes: a calm screen until she lets them go.
  eyes(on) {
    document.getElementById("eyes").hidden = !on
    this.announce(on ? "Eyes to the front, please." : "You can go on.")
  }

  poll() {
    window.htmx.trigger("#poll-place", "room")
  }

  // A large button for every activity on the page.
  offer() {
    const place = document.getElementById("plays")
    const cards = this.view.all().filter(element => element.dataset.activity)
    const shown = cards.map(card => card.dataset.activity + card.getAttribute("aria-label")).join()
    if (this.offered === shown && place.children.length === cards.length) return
    this.offered = shown
    place.replaceChildren(
      ...cards.map(card => {
        const words = card.getAttribute("aria-label").replace(/^Activity: /, "Play: ")
        const button = Object.assign(document.createElement("button"), {
          type: "button",
          className: "button button-next play-offer",
          textContent: words
        })
        button.dataset.play = card.dataset.activity
        return button
      })
    )
    this.offerOnce()
  }

  // What was sent is not offered a second time for lying on the page.
  offerOnce() {
    const { play } = document.querySelector("#sent-place [data-sent]")?.dataset ?? {}
    document.querySelectorAll("#plays [data-play]").forEach(offer => (offer.hidden = offer.dataset.play === play))
  }

  // One thing at a time: while an activity is open the page waits behind it.
  playing(on) {
    document.getElementById("play").hidden = !on
    this.device.toggleAttribute("data-playing", on)
    this.told.clear()
    if (!on) document.getElementById("player-place").replaceChildren()
    window.scrollTo(0, 0)
  }

  press(event) {
    if (event.target.closest("#hand")) return this.hand.press()
    if (event.target.closest("[data-back]")) return this.playing(false)
    const turn = event.target.closest("[data-turn-to]")?.dataset.turnTo
    if (turn) return this.afresh(turn)
    const to = event.target.closest("[data-go]")?.dataset.go
    if (to !== undefined) return to ? this.play(to) : this.playing(false)
    const item = event.target.closest("[data-item]"),
      address = event.target.closest("a[href]")
    if (address && this.view.svg.contains(address)) {
      event.preventDefault()
      return this.open({ to: "address", address: address.getAttribute("href") })
    }
    const offered = event.target.closest("[data-play]")?.dataset.play
    if (offered) return this.play(offered)
    if (item) this.tap(item)
  }

  tap(item) {
    const { item: id, link, leads, plays, framed, activity, rolls } = item.dataset
    if (link) return this.open(JSON.parse(link), { page: this.page, item: id })
    if (leads) return this.open({ to: "address", address: leads })
    if (plays) return this.playHere(item)
    if (framed) return this.frame(item)
    if (rolls) return this.roll(item)
    if (activity) this.play(activity)
  }

  // A card, a die or a spinner, for this device alone.
  async roll({ dataset: { item, turned } }) {
    const rolled = await send("POST", "/seat/roll", { item, turned: turned === "true" }).catch(error =>
      say(error.message)
    )
    if (!rolled) return
    this.view.put(rolled)
    if (turned !== "true") this.view.find(item).dataset.turned = "true"
  }

  async frame(element) {
    const { default: Frames } = await fetchModule("media/frames")
    this.frames ??= new Frames(() => this.view)
    this.frames.open(element)
  }

  async play(activity) {
    this.start(await fetchModule("device/playing"), activity)
  }

  async start({ open }, activity) {
    if (await open(`/activities/${activity}/attempts?as=seat&resume=1`, "#player-place")) this.playing(true)
  }
}
