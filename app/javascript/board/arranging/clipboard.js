// Copy, cut and paste, across pages, lessons and tabs. What was chosen stays with Ruby, in the state it had;
// the clipboard holds its name (and the words, for other programs). Where a browser keeps its clipboard to
// itself, the name of the last copy is remembered for this browser.
import { newId } from "shared/ids"
import { say } from "shared/say"
import { Part } from "surface/part"

const TYPE = "application/x-usher-clipping",
  LAST = "usher:clipping"
const MARK = /data-usher-clipping="([A-Za-z0-9]{20})"/

export class Clipboard extends Part {
  static needs = ["choice", "editor", "surface", "toolbox"]

  constructor(parts) {
    super(parts)
    this.pasted = 0
    for (const kind of ["copy", "cut"]) document.addEventListener(kind, event => this.take(event, kind === "cut"))
  }

  // By a button: the browser then asks for what to copy.
  copy() {
    if (!document.execCommand("copy")) this.put(null, false)
  }
  cut() {
    if (!document.execCommand("cut")) this.put(null, true)
  }

  take(event, away) {
    if (!this.choice.size || this.editor.open || event.target.closest?.("input, textarea, dialog")) return
    event.preventDefault()
    this.put(event.clipboardData, away)
  }

  put(data, away) {
    this.keep(data)
    say(away ? "Cut. Paste it on any page." : "Copied. Paste it on any page.")
    if (away) this.choice.remove()
  }

  keep(data) {
    const key = newId()
    const words = this.choice
      .elements()
      .map(({ dataset }) => dataset.written && JSON.parse(dataset.written).text)
      .filter(Boolean)
      .join("\n")
    data?.setData(TYPE, key)
    data?.setData("text/html", `<p data-usher-clipping="${key}"></p>`)
    data?.setData("text/plain", words)
    try {
      localStorage.setItem(LAST, key)
    } catch {
      /* a full store: paste works through the clipboard alone */
    }
    this.surface.outbox.push({
      page: this.surface.page,
      to: "clippings",
      id: key,
      body: { ids: this.choice.ids() },
      ...this.surface.during()
    })
    this.pasted = 0
  }

  // The clipping that a paste event brings, or null.
  read(data) {
    return data.getData(TYPE) || MARK.exec(data.getData("text/html"))?.[1] || null
  }

  // Without an event, from a button: what was copied last in this browser.
  paste(key = localStorage.getItem(LAST)) {
    if (!key) return say("Nothing is copied yet. Choose things, then Copy.")
    this.pasted += 1
    const id = newId(),
      by = [30 * this.pasted, 30 * this.pasted]
    this.surface.outbox.push({
      page: this.surface.page,
      to: "pastes",
      id,
      body: { clipping: key, by },
      ...this.surface.during()
    })
    this.toolbox.choose("arrange")
    const still = this.choice.staying()
    this.pasting = {
      id,
      arrived: ({ put }) => {
        if (still()) this.choice.only(...put.map(item => item.id))
      }
    }
  }

  // A paste has come to the page: it is chosen, unless the teacher went on meanwhile.
  arrived(patch) {
    if (patch.op === this.pasting?.id) this.pasting.arrived(patch)
  }

  // All of what is chosen again, beside itself.
  duplicate() {
    this.keep(null)
    this.paste()
  }
}
