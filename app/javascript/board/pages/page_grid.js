// All pages at a glance: choose several, then order, copy, move or delete them together.
import { send } from "shared/net"
import { say } from "shared/say"
import { dragPages } from "board/pages/drag_pages"
import { Part } from "surface/part"

export default class PageGrid extends Part {
  static needs = ["order", "surface", "turning"]

  constructor(parts) {
    super(parts)
    this.sheet = document.getElementById("page-grid")
    if (!this.sheet) return
    this.chosen = new Set()
    this.sheet.addEventListener("click", event => this.press(event))
    this.sheet.addEventListener("dblclick", ({ target }) => {
      const page = this.pageAt(target)
      if (page) this.go(page)
    })
    this.sheet.addEventListener("keydown", event => this.key(event))
    dragPages(
      this.sheet.querySelector("[data-grid]"),
      (tile, onto) => this.drop(Number(tile.dataset.page), Number(onto.dataset.page)),
      { free: true }
    )
  }

  async show() {
    this.chosen.clear()
    await this.surface.settled()
    this.sheet.showModal()
    await this.load()
    this.tiles()
      .find(({ dataset }) => Number(dataset.page) === this.surface.page)
      ?.focus()
  }

  async load() {
    const response = await fetch(`/lessons/${this.surface.lesson}/pages?page=${this.surface.page}`)
    if (!response.ok) return say("Usher cannot show the pages just now.")
    window.htmx.swap(this.sheet.querySelector("[data-grid]"), await response.text(), { swapStyle: "innerHTML" })
    this.mark()
  }

  tiles() {
    return [...this.sheet.querySelectorAll("[data-page]")]
  }
  pageAt(target) {
    return Number(target.closest("[data-page]")?.dataset.page) || null
  }
  pages() {
    return this.tiles()
      .map(({ dataset }) => Number(dataset.page))
      .filter(page => this.chosen.has(page))
  }

  press(event) {
    const page = this.pageAt(event.target),
      { act } = event.target.closest("[data-act]")?.dataset ?? {}
    if (act) return this[act]()
    if (page) this.choose(page, event.shiftKey)
  }

  // Shift takes everything between the last one and this.
  choose(page, span) {
    const all = this.tiles().map(({ dataset }) => Number(dataset.page))
    if (span && this.last) {
      const [from, to] = [all.indexOf(this.last), all.indexOf(page)].sort((a, b) => a - b)
      all.slice(from, to + 1).forEach(one => this.chosen.add(one))
    } else this.chosen.delete(page) || this.chosen.add(page)
    this.last = page
    this.mark()
  }

  mark() {
    for (const tile of this.tiles()) tile.setAttribute("aria-pressed", this.chosen.has(Number(tile.dataset.page)))
    const { size } = this.chosen
    this.sheet.querySelector("[data-count]").textContent = size
      ? `${size} of ${this.tiles().length} chosen`
      : "Tap pages to choose them; double tap opens one."
    for (const button of this.sheet.querySelectorAll("[data-needs]")) button.disabled = !size
  }

  key(event) {
    const page = this.pageAt(event.target)
    if (!page) return
    const all = this.tiles(),
      at = all.findIndex(tile => tile === event.target.closest("[data-page]"))
    const across = all.filter(tile => tile.offsetTop === all[0].offsetTop).length
    const step = { ArrowLeft: -1, ArrowRight: 1, ArrowUp: -across, ArrowDown: across }[event.key]
    if (event.key === "Enter") {
      event.preventDefault()
      return this.go(page)
    }
    if (!step) return
    event.preventDefault()
    if (event.altKey) return this.arrange(this.chosen.has(page) ? this.pages() : [page], at + 1 + step, page)
    all[at + step]?.focus()
  }

  go(page) {
    this.sheet.close()
    this.turning.to(page)
  }

  all() {
    const all = this.tiles().map(({ dataset }) => Number(dataset.page))
    this.chosen = new Set(this.chosen.size === all.length ? [] : all)
    this.mark()
  }

  earlier() {
    this.shift(-1)
  }
  later() {
    this.shift(1)
  }

  shift(step) {
    const pages = this.pages(),
      first = this.tiles().findIndex(({ dataset }) => Number(dataset.page) === pages[0])
    this.arrange(pages, first + 1 + step)
  }

  arrange(pages, number, focus) {
    if (number < 1) return
    return this.run(() => send("PATCH", `/lessons/${this.surface.lesson}/running_order`, { pages, number }), focus)
  }

  duplicate() {
    this.run(async () => {
      for (const page of this.pages()) await send("POST", `/pages/${page}/copy`)
    })
  }
  plain() {
    this.run(async () => {
      for (const page of this.pages()) await send("POST", `/pages/${page}/copy`, { ink: "0" })
    })
  }

  remove() {
    const pages = this.pages()
    this.run(async () => {
      await send("DELETE", `/lessons/${this.surface.lesson}/pages`, { pages })
      await this.stay(pages)
      this.back(pages, pages.length === 1 ? "The page is deleted." : `${pages.length} pages are deleted.`)
    })
  }

  copyTo() {
    this.send(false)
  }
  moveTo() {
    this.send(true)
  }

  send(move) {
    const pages = this.pages(),
      {
        value: lesson,
        selectedOptions: [option]
      } = this.sheet.querySelector("[data-other]")
    if (!lesson) return say("Choose the lesson they go to first.")
    this.run(async () => {
      await send("POST", `/lessons/${lesson}/arrivals`, { pages, move })
      if (move) await this.stay(pages)
      const what = pages.length === 1 ? "The page is" : `${pages.length} pages are`
      const words = `${what} ${move ? "moved" : "copied"} to the end of “${option.text}”.`
      move ? this.back(pages, words) : say(words, { seconds: 8 })
    })
  }

  // The page in view is gone: another one is shown.
  async stay(gone) {
    if (!gone.includes(this.surface.page)) return
    const left = this.turning.pages.filter(({ id }) => !gone.includes(id))
    if (left.length)
      await this.turning.to((left.find((_, index) => index >= this.turning.number - 1) ?? left.at(-1)).id)
  }

  back(pages, words) {
    say(words, {
      action: "Put back",
      seconds: 12,
      run: () =>
        this.run(async () => {
          for (const page of pages) await send("POST", `/pages/${page}/return`)
        })
    })
  }

  async run(change, focus) {
    await this.order.run(change)
    this.chosen = new Set([...this.chosen].filter(page => this.turning.pages.some(({ id }) => id === page)))
    if (!this.sheet.open) return
    await this.load()
    this.tiles()
      .find(({ dataset }) => Number(dataset.page) === focus)
      ?.focus()
  }

  // Let go over another page: behind it when it came from before, else in its place.
  drop(page, onto) {
    const pages = this.chosen.has(page) ? this.pages() : [page]
    if (pages.includes(onto)) return
    const all = this.tiles().map(({ dataset }) => Number(dataset.page)),
      rest = all.filter(one => !pages.includes(one))
    this.arrange(pages, rest.indexOf(onto) + 1 + (all.indexOf(onto) > all.indexOf(page) ? 1 : 0))
  }
}
