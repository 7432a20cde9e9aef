// Copy, cut and paste, across pages, lessons and tabs. What was chosen stays with Ruby, in the state it had;
// the clipboard holds its name (and the words, for other programs). Where a browser keeps its clipboard to
// itself, the name of the last copy is remembered for this browser.
import { newId } from "shared/ids"
import { say } from "shared/say"

const TYPE = "application/x-usher-clipping", LAST = "usher:clipping"
const MARK = /data-usher-clipping="([A-Za-z0-9]{20})"/

export class Clipboard {
  constructor(board) {
    this.board = board
    this.pasted = 0
    for (const kind of ["copy", "cut"]) document.addEventListener(kind, event => this.take(event, kind === "cut"))
  }

  // By a button: the browser then asks for what to copy.
  copy() { if (!document.execCommand("copy")) this.put(null, false) }
  cut() { if (!document.execCommand("cut")) this.put(null, true) }

  take(event, away) {
    const { board } = this
    if (!board.choice.size || board.editor.open || event.target.closest?.("input, textarea, dialog")) return
    event.preventDefault()
    this.put(event.clipboardData, away)
  }

  put(data, away) {
    this.keep(data)
    say(away ? "Cut. Paste it on any page." : "Copied. Paste it on any page.")
    if (away) this.board.remove()
  }

  keep(data) {
    const { board } = this, key = newId()
    const words = board.choice.elements().map(({ dataset }) => dataset.written && JSON.parse(dataset.written).text).filter(Boolean).join("\n")
    data?.setData(TYPE, key)
    data?.setData("text/html", `<p data-usher-clipping="${key}"></p>`)
    data?.setData("text/plain", words)
    try { localStorage.setItem(LAST, key) } catch { /* a full store: paste works through the clipboard alone */ }
    board.outbox.push({ page: board.page, to: "clippings", id: key, body: { ids: board.choice.ids() }, ...board.during() })
    this.pasted = 0
  }

  // The clipping that a paste event brings, or null.
  read(data) { return data.getData(TYPE) || MARK.exec(data.getData("text/html"))?.[1] || null }

  // Without an event, from a button: what was copied last in this browser.
  paste(key = localStorage.getItem(LAST)) {
    const { board } = this
    if (!key) return say("Nothing is copied yet. Choose things, then Copy.")
    this.pasted += 1
    const id = newId(), by = [30 * this.pasted, 30 * this.pasted]
    board.outbox.push({ page: board.page, to: "pastes", id, body: { clipping: key, by }, ...board.during() })
    board.choose("arrange")
    const still = board.staying()
    board.pasting = { id, arrived: ({ put }) => { if (still()) board.choice.only(...put.map(item => item.id)) } }
  }

  // All of what is chosen again, beside itself.
  duplicate() {
    this.keep(null)
    this.paste()
  }
}
