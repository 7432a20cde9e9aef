// Which pages of a PDF, or which slides, come into the lesson, and how far they are.
import { sheet } from "media/sheet"
import { send } from "shared/net"
import { say } from "shared/say"

const EVERY = 700 // ms

export default class PagesSheet {
  constructor(board) {
    Object.assign(this, { board, waiting: [] })
  }

  // Several that came in together are asked about one after the other.
  open(offer) {
    if (this.sheet?.isConnected) return this.waiting.push(offer)
    const { asset, title, words, ask, hint } = offer
    this.asset = asset
    this.sheet = sheet(title, `<p data-words></p><form class="grid gap-4"><label class="field"><span data-ask></span> <input class="input" name="wanted" value="all" maxlength="12" autocomplete="off"></label><p class="muted tiny" data-hint></p>
      <p class="problem" role="alert"></p><div data-progress hidden><progress class="w-full" max="1" value="0" aria-label="Pages brought in"></progress><p class="muted" role="status"></p></div>
      <div class="flex flex-wrap justify-end gap-3"><button type="button" class="button" data-cancel hidden>Stop, bring in nothing</button><button class="button button-main" data-go>Bring them in</button></div></form>`, { closed: () => this.closed() })
    this.part("[data-words]").textContent = words
    this.part("[data-ask]").textContent = ask
    this.part("[data-hint]").textContent = hint
    this.part("form").addEventListener("submit", event => { event.preventDefault(); this.start() })
    this.part("[data-cancel]").addEventListener("click", () => this.cancel())
  }

  part(name) { return this.sheet.querySelector(name) }

  async start() {
    const { board } = this
    this.part(".problem").textContent = ""
    this.part("[data-go]").disabled = true
    try {
      await board.settled()
      const { import: number } = await send("POST", `/lessons/${board.lesson}/imports`, { asset: this.asset, wanted: this.part("input").value, page: board.page })
      this.number = number
      this.part("[data-progress]").hidden = this.part("[data-cancel]").hidden = false
      this.look()
    } catch (error) {
      this.part(".problem").textContent = error.message
      this.part("[data-go]").disabled = false
    }
  }

  // The sheet may be closed meanwhile; the pages keep coming.
  async look() {
    const { sheet: shown, board } = this
    const status = await send("GET", `/imports/${this.number}`).catch(() => null)
    const running = !status || ["waiting", "running"].includes(status.state)
    if (status && shown.isConnected) {
      Object.assign(this.part("progress"), { max: status.size, value: status.done })
      this.part("[role=status]").textContent = status.note ?? `${status.done} of ${status.size} pages`
    }
    if (running) return this.timer = setTimeout(() => this.look(), EVERY)
    await board.order.reload()
    if (status.state === "done" && status.page) board.turnTo(status.page)
    say(status.note ?? `${status.done} ${status.done === 1 ? "page" : "pages"} came in.`)
    if (shown.isConnected) shown.close()
  }

  closed() {
    clearTimeout(this.timer)
    if (this.waiting.length) setTimeout(() => this.open(this.waiting.shift())) // when this one is gone
  }

  async cancel() {
    await send("DELETE", `/imports/${this.number}`).catch(error => say(error.message))
  }
}
