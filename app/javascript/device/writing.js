// What a student does on the page of a device, as far as the teacher lets them: point, write, take off, move. Fetched when
// it is first allowed. What was done waits here until Usher has it, however long the network is gone.
import { Pens } from "board/pens"
import pen from "board/tools/pen"
import cutting from "board/tools/eraser"
import { moving, pointing, taking } from "device/tools"
import { say } from "shared/say"
import { send } from "shared/net"
import { Contacts } from "surface/contacts"
import { Entries } from "surface/entries"
import { Outbox } from "surface/outbox"
import { Wire } from "surface/wire"

const OPERATIONS = "application/vnd.usher.operations+json"
const NEEDS = { pen: ["write", "copy"], eraser: ["write", "copy"], point: ["point"], move: ["move"] }

// The page of a device is neither moved nor zoomed by hands that have a tool.
class Touches extends Contacts {
  pinch() {}
  wheel() {}
}

export default class Writing {
  // follower: the device's; bar: its tools.
  constructor(follower, bar) {
    Object.assign(this, { follower, bar, mine: new Set(), rights: [] })
    this.state = {
      tool: "",
      pen: { colour: "#1e6079", stroke_width: 6 },
      eraser: { mode: "cut", radius: 24 },
      preferences: { hands: false, lively: true, palm: { on: false } }
    }
    const entries = new Entries(`seat-${follower.seat}`, () =>
      say("This browser keeps nothing. Stay here until all is sent.")
    )
    this.outbox = new Outbox(entries, this, deliver)
    bar.addEventListener("click", ({ target }) => this.press(target.closest("button")))
  }

  // The page that is in the document by now.
  look(surface) {
    this.surface = surface
    const pane = (surface.stage = document.getElementById("pane"))
    surface.outbox = this.outbox
    this.mine = new Set(JSON.parse(pane.dataset.mine))
    const wire = new Wire(
      (action, data) => this.follower.feed.perform(action, data),
      () => this.rights.includes("write")
    )
    const parts = { surface, state: this.state, wire, tidier: { drew: id => this.mine.add(id) }, mine: this.mine }
    parts.pens = new Pens(parts)
    const made = {
      pen: pen.make(parts),
      point: pointing((action, data) => this.follower.feed.perform(action, data), surface),
      move: moving(surface)
    }
    const erasers = { copy: cutting.make(parts), write: taking(parts) }
    parts.toolbox = {
      get: name => (name === "eraser" ? erasers[this.rights.includes("copy") ? "copy" : "write"] : made[name]),
      get current() {
        return this.get(parts.state.tool)
      }
    }
    this.contacts = new Touches(parts)
    this.outbox.of(surface.page).forEach(({ operation }) => surface.wet(operation))
    this.show()
  }

  allow(rights) {
    this.rights = rights
    if (!this.may(this.state.tool)) this.choose("")
    this.show()
  }

  may(tool) {
    return tool === "" || NEEDS[tool].some(right => this.rights.includes(right))
  }

  press(button) {
    if (!button) return
    const { hold, colour, step } = button.dataset
    if (step) return this.surface.step(step)
    if (colour) this.state.pen.colour = colour
    this.choose(colour ? "pen" : hold)
  }

  choose(tool) {
    this.contacts?.cancelAll()
    this.state.tool = tool
    this.show()
  }

  show() {
    const { tool, pen } = this.state,
      pane = document.getElementById("pane")
    this.bar.hidden = !Object.keys(NEEDS).some(name => this.may(name))
    for (const button of this.bar.querySelectorAll("button")) {
      const { hold, colour } = button.dataset
      button.hidden = !this.may(hold ?? "pen")
      if (hold !== undefined) button.setAttribute("aria-pressed", tool === hold && (!colour || pen.colour === colour))
    }
    if (pane) pane.hidden = !tool
  }

  // What becomes of what was done (surface/outbox).
  kept({ patches }, page) {
    if (page !== this.surface.page) return
    patches.forEach(patch => this.surface.patch(patch))
  }
  refused(_entry, { error }) {
    say(error)
    this.follower.afresh()
  }
  changed(kept, count) {
    const line = document.getElementById("unsent")
    line.hidden = kept !== "waiting"
    line.textContent = ` · ${count} not sent yet`
    if (kept === "kept") this.surface?.settle()
  }
  lost(_page, entries) {
    this.outbox.giveUp(entries)
    say("That page is gone from the lesson.")
  }
  signedOut() {
    location.assign("/seat")
  }
}

function deliver(batch) {
  const { page, to, id } = batch[0]
  if (to !== "operations") return send("POST", `/seat/pages/${page}/${to}`, { id })
  const operations = batch.map(({ id, operation }) => ({ id, operation }))
  return send("POST", `/seat/pages/${page}/operations`, { operations }, OPERATIONS)
}
