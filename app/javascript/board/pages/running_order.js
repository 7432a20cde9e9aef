// The strip of pages: tap to turn, drag to move, and the verbs for the page in view.
import { send } from "shared/net"
import { pressedIn } from "shared/pressed"
import { say } from "shared/say"
import { dragPages } from "board/pages/drag_pages"
import { Part } from "surface/part"

export class RunningOrder extends Part {
  static needs = ["fetched", "state", "surface", "turning"]

  constructor(parts, strip) {
    super(parts)
    this.strip = strip
    const { events } = this.surface
    events.on("turned", page => this.mark(page))
    events.on("doing", ({ verb }) => verb !== "turn" && this.forget())
    events.on("replanned", (_, longer) => {
      if (longer) this.reload()
    })
    this.mark(this.surface.page)
    if (!strip) return
    strip.addEventListener("click", event => {
      const page = event.target.closest("[data-page]")
      if (page) this.turning.to(Number(page.dataset.page))
      if (event.target.closest("[data-add-page]")) this.offer()
    })
    this.held = dragPages(strip, (tab, onto) => this.move(Number(tab.dataset.page), this.tabs().indexOf(onto) + 1))
    strip.addEventListener("keydown", event => {
      const page = event.target.closest("[data-page]")
      const step = { ArrowLeft: -1, ArrowRight: 1 }[event.key]
      if (!page || !step) return
      event.preventDefault()
      const at = this.tabs().indexOf(page) + step
      if (event.altKey) this.move(Number(page.dataset.page), at + 1)
      else this.tabs()[at]?.focus()
    })
  }

  // What a new page can start from.
  offer() {
    return this.fetched.run("board/pages/new_page", "open")
  }

  tabs() {
    return [...(this.strip?.querySelectorAll("[data-page]") ?? [])]
  }

  // start: { paper }, { layout } or { start: a starting point }; nothing for the same paper again.
  async add(start = {}) {
    await this.run(async () =>
      this.turning.to(
        (await send("POST", `/lessons/${this.surface.lesson}/pages`, { page: this.surface.page, ...start })).page
      )
    )
    this.surface.stage.focus()
  }

  async duplicate() {
    await this.run(async () => this.turning.to((await send("POST", `/pages/${this.surface.page}/copy`)).page))
  }

  async move(page, number) {
    if (number < 1) return
    await this.run(() => send("PATCH", `/pages/${page}/position`, { number }))
    this.tab(page)?.focus()
  }

  moveBy(step) {
    return this.move(this.surface.page, this.turning.number + step)
  }

  async remove() {
    const { page } = this.surface
    const other = this.turning.pages[this.turning.number] ?? this.turning.pages[this.turning.number - 2]
    await this.run(async () => {
      await send("DELETE", `/pages/${page}`)
      await this.turning.to(other.id)
      this.deleted = page
      this.state.deleted = true
      say("The page is deleted. It waits in the bin for 30 days.", {
        action: "Put it back",
        run: () => this.bringBack(page),
        seconds: 12
      })
    })
  }

  // The page that was deleted last, as long as nothing else was done since: undo means it.
  bringBack(page = this.deleted) {
    this.forget()
    return this.run(async () => {
      await send("POST", `/pages/${page}/return`)
      await this.turning.to(page)
    })
  }

  forget() {
    this.deleted = null
    this.state.deleted = false
  }

  // What is still on its way is kept first, then the pages change, then the strip is drawn anew.
  async run(change) {
    this.busy = true
    try {
      await this.surface.settled()
      await change()
    } catch (error) {
      say(error.message)
    }
    this.busy = false
    await this.reload()
  }

  // Pages came, went or changed places in another tab: a row of changes is one look. What this one does it looks at when
  // it is done, or it would take its own page for one that was deleted elsewhere.
  elsewhere() {
    clearTimeout(this.looking)
    this.looking = setTimeout(() => this.busy || this.reload(), 300)
  }

  async reload() {
    const response = await fetch(`/lessons/${this.surface.lesson}/running_order?page=${this.surface.page}`)
    if (!response.ok) return
    const fresh = new DOMParser().parseFromString(await response.text(), "text/html").body.firstElementChild
    this.turning.know(JSON.parse(fresh.dataset.pages))
    this.fetched.run("board/arranging/clashes", "look")
    if (!this.strip) return
    if (this.held() || pressedIn(this.strip)) return this.elsewhere() // what a hand holds stays until it lets go
    const focused = document.activeElement?.closest("#running-order [data-page]")?.dataset.page
    window.htmx.swap(this.strip, fresh.innerHTML, { swapStyle: "innerHTML" })
    this.strip.querySelectorAll("[data-grow]").forEach(element => {
      element.style.flexGrow = element.dataset.grow
    })
    if (focused) this.tab(focused)?.focus()
  }

  tab(page) {
    return this.strip.querySelector(`[data-page="${page}"]`)
  }

  // Marks the page in view, and draws its small picture anew a little after it changed.
  mark(page) {
    for (const tab of this.tabs()) tab.toggleAttribute("aria-current", Number(tab.dataset.page) === page)
    const current = this.tabs().find(tab => Number(tab.dataset.page) === page)
    current?.scrollIntoView({ block: "nearest", inline: "nearest" })
  }

  // Not while somebody writes: a picture can wait, a hand cannot.
  changed(page, seq) {
    this.stale ??= new Map()
    this.stale.set(page, seq)
    clearTimeout(this.timer)
    this.timer = setTimeout(() => {
      for (const [page, seq] of this.stale) {
        const small = this.strip?.querySelector(`[data-page="${page}"] img`)
        if (small) small.src = `/pages/${page}/thumbnail?v=${seq}`
      }
      this.stale.clear()
    }, 2500)
  }
}
