// Bringing in by file choice, drop or paste. What a file is, is decided by the server.
import { send } from "shared/net"
import { ask } from "shared/ask"
import { newId } from "shared/ids"
import { say } from "shared/say"
import { Part } from "surface/part"
import { round } from "surface/geometry"

const DRAWING = /^\s*(<\?xml[^>]*>\s*)?<svg[\s>]/i
const ADDRESS = /^https?:\/\/\S+$/
const EMBED = /^<(iframe|object|embed)\b/i
const WIDTHS = [300, 900] // page units of a text that is brought in
const LARGEST = 40 // page units of its letters
const LONG = 800 // characters from which it is asked whether the page holds them

export class BringIn extends Part {
  static needs = ["clipboard", "editor", "fetched", "room", "state", "surface"]

  constructor(parts) {
    super(parts)
    const chooser = document.getElementById("bring-in"),
      { stage } = this.surface
    chooser?.addEventListener("change", () => {
      this.take([...chooser.files])
      chooser.value = ""
    })
    stage.addEventListener("dragover", event => {
      event.preventDefault()
      stage.classList.add("dropping")
    })
    stage.addEventListener("dragleave", () => stage.classList.remove("dropping"))
    stage.addEventListener("drop", event => this.drop(event))
    document.addEventListener("paste", event => this.paste(event))
  }

  take(files, at) {
    files.length ? this.room.bring(files, at) : say("Drop files here: pictures, sounds, videos, PDF, slides.")
  }

  drop(event) {
    event.preventDefault()
    const { stage, camera } = this.surface,
      { dataTransfer } = event
    stage.classList.remove("dropping")
    const at = camera.toPage(event.clientX, event.clientY)
    const written = ["text/html", "text/plain"].some(type => dataTransfer.types.includes(type))
    !dataTransfer.files.length && written ? this.words(dataTransfer, at) : this.take([...dataTransfer.files], at)
  }

  paste({ target, clipboardData: data }) {
    if (this.editor.open || target.closest?.("input, textarea, dialog")) return
    if (data?.files.length) return this.take([...data.files])
    const clipping = this.clipboard.read(data)
    clipping ? this.clipboard.paste(clipping) : this.words(data)
  }

  // Text from anywhere becomes what it is: a drawing, a table of tiles, a web address, or a text on the page.
  async words(data, at = [200, 200]) {
    const html = data?.getData("text/html"),
      plain = data?.getData("text/plain").trim() ?? ""
    if (!html && !plain) return
    if (DRAWING.test(plain)) return this.take([new File([plain], "drawing.svg", { type: "image/svg+xml" })])
    try {
      if (await this.table(html, plain)) return
      if (EMBED.test(plain)) return await this.fetched.run("media/web_sheet", "open", plain)
      if (ADDRESS.test(plain)) return await this.fetched.run("media/web_sheet", "card", plain)
      this.text(html ? await send("POST", "/rich_text", { html }) : { text: plain }, at)
    } catch (error) {
      say(error.message)
    }
  }

  // A table from a spreadsheet or a page becomes tiles that belong together; true where it was one.
  async table(html, plain) {
    const asked = /<table[\s>]/i.test(html) ? { html } : /\t/.test(plain) ? { text: plain } : null
    const { items } = asked ? await send("POST", "/tables", asked) : { items: [] }
    if (!items.length) return false
    const group = newId()
    this.surface.do({ verb: "put", items: items.map(item => ({ ...item, id: newId(), groups: [group] })) })
    return true
  }

  async text(values, [x, y]) {
    const { size, colour, font } = this.state.pen,
      [least, most] = WIDTHS
    const width = Math.min(most, Math.max(least, this.surface.camera.page.width - x - 40))
    const look = { size: Math.min(size, LARGEST), colour, font }
    if (values.text.length > LONG && (await this.flow({ ...look, ...values, x: round(x), y: round(y) }))) return
    this.surface.do({
      verb: "put",
      items: [
        { kind: "text", id: newId(), x: round(x), y: round(y), width, room: width, height: 0, ...look, ...values }
      ]
    })
  }

  // A text that goes beyond the page: true where that was asked and settled.
  async flow(values) {
    const { page } = this.surface
    const { pages, words } = await send("POST", `/pages/${page}/flows`, values)
    if (pages === 1) return false
    const count = words.toLocaleString("en")
    const sure = await ask(`${count} words are more than this page holds.`, {
      action: `Put them on ${pages} pages`,
      hint: "The text begins here and goes on over new pages behind this one. Nothing is left out.",
      field: false
    })
    if (sure) this.surface.outbox.push({ page, to: "flows", id: newId(), body: values, ...this.surface.during() })
    return true
  }
}
