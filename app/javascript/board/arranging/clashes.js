// Two tabs, or two people, at the same thing: whoever comes second sees what the other did and chooses; no word
// is lost.
import { choose } from "shared/choose"
import { newId } from "shared/ids"
import { send } from "shared/net"
import { say } from "shared/say"
import { Part } from "surface/part"

export default class Clashes extends Part {
  static needs = ["surface", "turning"]

  // A text that somebody else has changed while it was written on here.
  async text(entry) {
    const [{ id, set }] = entry.operation.changes
    await this.surface.afresh()
    const element = this.surface.view.find(id),
      theirs = element?.dataset.written && JSON.parse(element.dataset.written).text
    if (theirs === undefined) return this.textGone(entry)
    const answer = await choose("Somebody else changed this text too", {
      words: [
        ["Theirs", theirs],
        ["Yours", set.text]
      ],
      answers: [
        ["theirs", "Keep theirs"],
        ["both", "Keep both"],
        ["mine", "Keep mine"]
      ],
      otherwise: "both"
    })
    if (answer === "mine")
      this.surface.do({ verb: "change", changes: [{ id, set }] }, this.surface.during(), entry.page)
    if (answer === "both") this.beside(entry)
  }

  // A text that was taken off the page while it was written on: the words come back as a text of their own. true
  // where that was it.
  textGone(entry) {
    if (!entry.item || !entry.operation?.changes?.[0].set.text) return false
    this.beside(entry, 0)
    say("It was deleted meanwhile. Your words lie there again.")
    return true
  }

  beside(
    {
      page,
      item,
      operation: {
        changes: [{ set }]
      }
    },
    shift = 40
  ) {
    const height = item.kind === "text" ? 0 : Math.round(item.height)
    this.surface.do(
      {
        verb: "put",
        items: [
          {
            ...item,
            id: newId(),
            x: Math.round(item.x) + shift,
            y: Math.round(item.y) + shift,
            width: Math.round(item.width),
            height,
            ...set
          }
        ]
      },
      this.surface.during(),
      page
    )
  }

  // Something was done on a page that is not there any more.
  async pageGone(page, entries) {
    const count = entries.length === 1 ? "One change" : `${entries.length} changes`
    const answer = await choose("This page was deleted", {
      words: [
        [
          `${count} of yours on it could not be kept`,
          "Put the page back and they are kept on it, or let them go with it."
        ]
      ],
      answers: [
        ["go", "Let them go"],
        ["back", "Put the page back"]
      ],
      otherwise: "later"
    })
    if (answer === "go") this.surface.outbox.giveUp(entries)
    if (answer === "back") await this.putBack(page, entries)
  }

  async putBack(page, entries = []) {
    try {
      await send("POST", `/pages/${page}/return`)
      this.surface.outbox.again(entries)
    } catch (error) {
      say(error.message)
    }
  }

  // The page in view was deleted elsewhere: it stays in view, so that nothing that is being done is lost.
  look() {
    const { page } = this.surface,
      gone = !this.turning.pages.some(({ id }) => id === page)
    if (gone && this.told !== page)
      say("This page was deleted in another tab.", {
        action: "Put it back",
        run: () => this.putBack(page),
        seconds: 30
      })
    this.told = gone ? page : null
  }
}
