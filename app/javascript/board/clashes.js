// Two tabs, or two people, at the same thing: whoever comes second sees what the other did and chooses; no word
// is lost.
import { choose } from "shared/choose"
import { newId } from "shared/ids"
import { send } from "shared/net"
import { say } from "shared/say"

export class Clashes {
  constructor(board) {
    this.board = board
  }

  // A text that somebody else has changed while it was written on here.
  async text(entry) {
    const { board } = this, [{ id, set }] = entry.operation.changes
    await board.afresh()
    const element = board.view.find(id), theirs = element?.dataset.written && JSON.parse(element.dataset.written).text
    if (theirs === undefined) return this.textGone(entry)
    const answer = await choose("Somebody else changed this text too", { words: [["Theirs", theirs], ["Yours", set.text]],
      answers: [["theirs", "Keep theirs"], ["both", "Keep both"], ["mine", "Keep mine"]], otherwise: "both" })
    if (answer === "mine") board.do({ verb: "change", changes: [{ id, set }] }, board.during(), entry.page)
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

  beside({ page, item, operation: { changes: [{ set }] } }, shift = 40) {
    const { board } = this, height = item.kind === "text" ? 0 : Math.round(item.height)
    board.do({ verb: "put", items: [{ ...item, id: newId(), x: Math.round(item.x) + shift, y: Math.round(item.y) + shift, width: Math.round(item.width), height, ...set }] }, board.during(), page)
  }

  // Something was done on a page that is not there any more.
  async pageGone(page, entries) {
    const count = entries.length === 1 ? "One change" : `${entries.length} changes`
    const answer = await choose("This page was deleted", { words: [[`${count} of yours on it could not be kept`, "Put the page back and they are kept on it, or let them go with it."]],
      answers: [["go", "Let them go"], ["back", "Put the page back"]], otherwise: "later" })
    if (answer === "go") this.board.outbox.giveUp(entries)
    if (answer === "back") await this.putBack(page, entries)
  }

  async putBack(page, entries = []) {
    try {
      await send("POST", `/pages/${page}/return`)
      this.board.outbox.again(entries)
    } catch (error) {
      say(error.message)
    }
  }

  // The page in view was deleted elsewhere: it stays in view, so that nothing that is being done is lost.
  look() {
    const { board } = this, { page } = board, gone = !board.pages.some(({ id }) => id === page)
    if (gone && this.told !== page) say("This page was deleted in another tab.", { action: "Put it back", run: () => this.putBack(page), seconds: 30 })
    this.told = gone ? page : null
  }
}
