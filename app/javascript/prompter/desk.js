// Follows the wall of a sitting: its page with the ink as it is written, its cues, its class. Next and Back are asked of
// the server one after the other, so that quick presses are all counted.
import { Feed } from "surface/feed"
import { Surface } from "surface/surface"
import { WholePage } from "surface/whole_page"
import { newId } from "shared/ids"
import { send } from "shared/net"
import { say } from "shared/say"

const SLOWLY = 400 // ms between two looks at the class

export class Desk {
  constructor(facts) {
    Object.assign(this, { facts, doing: Promise.resolve() })
    const wet = document.getElementById("wet")
    this.surface = new Surface({
      svg: document.getElementById("page-view"),
      wet,
      camera: view => new WholePage(view, wet),
      facts: { lesson: facts.lesson, sitting: facts.sitting, page: facts.page }
    })
    this.state = state(this, facts)
  }

  follow() {
    const { lesson, sitting, mark } = this.facts
    this.feed = new Feed({
      identifier: { channel: "BoardChannel", lesson, sitting, looks: true },
      mark,
      missed: this.surface.here(`/lessons/${lesson}/feed`),
      heard: message => this.heard(message),
      afresh: () => this.afresh(),
      connected: on => (document.getElementById("line").hidden = on),
      rejected: () => location.reload()
    })
  }

  heard({ patch, wet, pointer, turn, fresh, prompt, tools, roll, order, eyes, over }) {
    if (patch) this.surface.patch(patch)
    if (wet) this.surface.follow(wet)
    if (pointer) this.surface.point(pointer)
    if (turn || fresh) this.afresh(turn)
    if (prompt) this.told(prompt)
    if (tools) window.htmx.trigger("#class-tools", "tools")
    if (roll) this.look()
    if (eyes !== undefined) this.state.eyes = eyes
    if (order || over) location.reload()
  }

  // The page the wall shows, all of it.
  async afresh(page = this.surface.page) {
    this.heading = page
    const fresh = await this.surface.read(page)
    if (this.heading !== page) return fresh.mark
    this.surface.page = page
    this.surface.view.size = { width: fresh.style.width, height: fresh.style.height }
    this.surface.load(fresh)
    this.state.page = page
    this.told(fresh.prompt)
    window.htmx.trigger("#pace", "room")
    return fresh.mark
  }

  told(prompt) {
    if (prompt.page === this.surface.page) this.state.prompt = prompt
  }

  // Many changes in the room are one look.
  look() {
    this.timer ??= setTimeout(() => {
      this.timer = null
      document
        .querySelectorAll("[data-room]:not(:has(select:focus))")
        .forEach(part => window.htmx.trigger(part, "room"))
    }, SLOWLY)
  }

  ask(verb, body) {
    this.doing = this.doing
      .then(() => send(verb, `/sittings/${this.facts.sitting}/cues`, body))
      .then(({ prompt, note }) => {
        this.told(prompt)
        if (note) say(note)
      })
      .catch(error => say(error.message))
  }

  turn(page) {
    const turn = { id: newId(), operation: { verb: "turn" }, sitting: this.facts.sitting }
    send("POST", this.surface.here(`/pages/${page}/operations`), { operations: [turn] }).catch(error =>
      say(error.message)
    )
  }

  eyes(on) {
    send(on ? "POST" : "DELETE", `/sittings/${this.facts.sitting}/eyes`).catch(error => say(error.message))
  }
}

// What the page shows of it.
const state = (desk, { page, pages, prompt, eyes }) => ({
  page,
  prompt,
  eyes,
  pages: pages.length,
  get number() {
    return pages.indexOf(this.page) + 1
  },
  get cues() {
    return this.prompt.cues
  },
  get ended() {
    return !this.prompt.next && this.number >= this.pages
  },
  get words() {
    if (this.prompt.next) return this.prompt.next.words
    return this.ended ? "Last page" : `Page ${this.number + 1} of ${this.pages}`
  },
  next() {
    desk.ask("POST", { id: newId() })
  },
  back() {
    desk.ask("DELETE")
  },
  run(cue) {
    desk.ask("POST", { id: newId(), cue })
  },
  turn(step) {
    const other = pages[this.number - 1 + step]
    if (other) desk.turn(other)
  },
  eyesHere() {
    desk.eyes(!this.eyes)
  }
})
