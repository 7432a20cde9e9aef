// The store room on screen, on the desk and beside a page: choose, find, keep in order, take out. Beside a
// page a tap takes a thing out, and a drag carries it to where it should lie.
import { send } from "shared/net"
import { say } from "shared/say"
import { ask } from "shared/ask"
import Uploads from "media/uploads"
import { drag } from "surface/drag"

const STARTS = 8 // px after which a press is a drag
const POLL = 1500 // ms

export default class StoreRoom {
  // taken(shelf, ids, at): takes things out onto a page; not there on the desk.
  constructor(place, { taken, page, uploaded, linked } = {}) {
    Object.assign(this, { place, taken, page, linked, kept: [] })
    this.uploads = new Uploads({
      done: asset => {
        this.refresh()
        uploaded?.(asset)
      }
    })
    place.addEventListener("click", event => this.press(event))
    place.addEventListener("change", event => this.changed(event.target))
    place.addEventListener("keydown", event => {
      if (event.key === "Enter" && event.target.matches("[data-web-picture]")) this.press(event)
    })
    place.addEventListener("pointerdown", event => this.grab(event))
    place.addEventListener("dragover", event => {
      if (event.dataTransfer.types.includes("Files")) event.preventDefault()
    })
    place.addEventListener("drop", event => this.dropped(event))
    place.addEventListener("dragstart", event => {
      if (event.target.matches?.("img")) event.preventDefault()
    })
    place.addEventListener("htmx:beforeSwap", ({ detail }) => {
      this.kept = detail.target.matches("[data-things]") ? this.ids : []
      this.typed = detail.target.matches("[data-store]") && this.words
      this.held = this.typed && this.typed === document.activeElement
    })
    place.addEventListener("htmx:afterSwap", ({ detail }) => {
      this.swapped()
      if (detail.target.matches("[data-store], [data-store-room]")) place.scrollTop = 0
    })
    place.addEventListener("htmx:afterSettle", () => this.seekOn()) // from then on its form is heard
    if (this.taken) place.addEventListener("click", event => this.web(event))
    this.swapped()
    place.dataset.ready = "" // until then a press would be lost
  }

  get shelf() {
    return this.place.querySelector("[data-store]")?.dataset.shelf
  }
  get chosen() {
    return [...this.place.querySelectorAll("[data-thing][aria-pressed=true]")]
  }
  get ids() {
    return this.chosen.map(({ dataset }) => dataset.thing)
  }

  // What was chosen and is still there stays chosen.
  swapped() {
    for (const thing of this.place.querySelectorAll("[data-thing]"))
      if (this.kept.includes(thing.dataset.thing)) thing.setAttribute("aria-pressed", true)
    this.kept = []
    this.several = this.place.querySelector("[data-several]")?.checked ?? false
    this.count()
    this.watch()
  }

  get words() {
    return this.place.querySelector("[data-find] [name=q]")
  }

  // Another shelf has come: it is looked for there what was typed meanwhile, or before.
  seekOn() {
    const { typed, words } = this
    this.typed = null
    if (!typed || !words || typed === words) return
    if (this.held) words.focus()
    if (!typed.value || typed.value === words.value) return
    words.value = typed.value
    words.dispatchEvent(new Event("input", { bubbles: true }))
  }

  refresh() {
    this.place.querySelector("[data-find]")?.requestSubmit()
  }

  press(event) {
    const { target } = event
    if (this.dragged) {
      this.dragged = false
      return event.preventDefault()
    }
    const thing = target.closest("[data-thing]"),
      into = target.closest("[data-into]"),
      picture = target.closest("[data-web-picture]")
    if (thing) return this.several || !this.taken ? this.toggle(thing) : this.take([thing.dataset.thing])
    if (picture && this.taken) return this.take([picture.dataset.webPicture])
    if (into) {
      this.place.querySelector("[data-folder]").value = into.dataset.into
      return this.refresh()
    }
    if (target.closest("[data-put]")) return this.take(this.ids)
    if (target.closest("[data-keep]")) return this.keep()
    if (target.closest("[data-none]")) return this.none()
    if (target.closest("[data-rename-thing]")) return this.rename()
    if (target.closest("[data-move]")) return this.move()
    if (target.closest("[data-take-away]")) this.remove()
  }

  web({ target }) {
    const { asCard, asFrame } = target.closest("[data-as-card], [data-as-frame]")?.dataset ?? {}
    if (asCard) this.linked("card", asCard)
    if (asFrame) this.linked("frame", asFrame)
  }

  toggle(thing) {
    thing.setAttribute("aria-pressed", thing.getAttribute("aria-pressed") !== "true")
    this.count()
  }

  none() {
    this.chosen.forEach(thing => thing.setAttribute("aria-pressed", false))
    this.count()
  }

  count() {
    const bar = this.place.querySelector("[data-chosen]"),
      { length } = this.chosen
    if (!bar) return
    bar.hidden = length === 0
    bar.querySelector("[data-count]").textContent = length
    bar.querySelector("[data-rename-thing]")?.toggleAttribute("disabled", length !== 1)
  }

  changed(field) {
    if (field.matches("[data-bring-files]")) {
      this.bring([...field.files])
      field.value = ""
    }
    if (field.matches("[data-several]")) {
      this.several = field.checked
      if (!field.checked) this.none()
    }
  }

  bring(files) {
    const folder = this.place.querySelector("[data-folder]")?.value ?? ""
    this.uploads.add(files, { folder })
  }

  dropped(event) {
    if (!event.dataTransfer.files.length) return
    event.preventDefault()
    event.stopPropagation()
    this.bring([...event.dataTransfer.files])
  }

  async take(ids, at) {
    if (!ids.length) return
    await this.taken(this.shelf, ids, at)
    this.none()
  }

  async keep() {
    try {
      await send("POST", "/store_room/keeps", { shelf: this.shelf, ids: this.ids })
      say(this.ids.length === 1 ? "It is among your things now." : "They are among your things now.")
      this.none()
    } catch (error) {
      say(error.message)
    }
  }

  // A thing is carried by mouse, pen or finger. A finger that moves up or down scrolls the shelf instead.
  grab(event) {
    const source = event.target.closest("[data-thing], [data-web-picture]")
    if (!source || !this.taken || event.button > 0) return
    const picture = source.querySelector("img") ?? source
    let ghost
    drag(event, {
      threshold: STARTS,
      capture: null,
      begin: moved => {
        const [dx, dy] = [moved.clientX - event.clientX, moved.clientY - event.clientY]
        if (event.pointerType === "touch" && Math.abs(dy) > Math.abs(dx)) return false
        ghost = document.body.appendChild(Object.assign(picture.cloneNode(true), { className: "store-carried" }))
        this.dragged = true
        return true
      },
      move: ({ clientX, clientY }) => Object.assign(ghost.style, { left: `${clientX}px`, top: `${clientY}px` }),
      end: (lifted, dragged) => {
        ghost?.remove()
        if (!dragged) return
        setTimeout(() => {
          this.dragged = false
        })
        const at = this.page(lifted.clientX, lifted.clientY),
          id = source.dataset.thing ?? source.dataset.webPicture
        if (at) this.take(this.ids.includes(id) ? this.ids : [id], at)
      },
      cancel: () => {
        ghost?.remove()
        this.dragged = false
      }
    })
    if (event.pointerType === "mouse") event.preventDefault()
  }

  async rename() {
    const [thing] = this.chosen,
      name = await ask("What is it called?", { value: thing.dataset.title, action: "Rename" })
    if (name) this.change([thing.dataset.thing], { name })
  }

  async move() {
    const folders = [...this.place.querySelectorAll("[data-into]")].map(({ dataset }) => dataset.into).filter(Boolean)
    const { ids } = this,
      folder = await ask("Into which folder?", {
        action: "Move",
        choices: folders,
        empty: true,
        hint: "Type a new name or choose one. Empty: no folder."
      })
    if (folder !== null) this.change(ids, { folder })
  }

  async change(ids, set) {
    try {
      for (const id of ids) await send("PATCH", `/media/${id}`, set)
    } catch (error) {
      say(error.message)
    }
    this.refresh()
  }

  // Says first where things are used; pages keep them.
  async remove() {
    const { ids } = this
    const found = await Promise.all(ids.map(id => send("GET", `/media/${id}/uses`))).catch(error => say(error.message))
    if (!found) return
    const used = found.filter(({ uses }) => uses).map(({ name, uses }) => `“${name}” is used in ${uses}.`)
    const words = used.length ? `${used.join(" ")} It stays on those pages, but leaves the store room.` : null
    if (words && !(await ask(words, { action: "Take out of the store room", field: false }))) return
    await Promise.all(ids.map(id => send("DELETE", `/media/${id}`))).catch(error => say(error.message))
    this.refresh()
    say(
      ids.length === 1
        ? `“${found[0].name}” is out of the store room.`
        : `${ids.length} things are out of the store room.`,
      {
        action: "Bring back",
        seconds: 10,
        run: () =>
          Promise.all(ids.map(id => send("POST", `/media/${id}/return`))).then(
            () => this.refresh(),
            error => say(error.message)
          )
      }
    )
  }

  // What is being made playable says how far it is.
  watch() {
    clearTimeout(this.timer)
    const working = [...this.place.querySelectorAll("[data-working]")]
    if (!working.length) return
    this.timer = setTimeout(async () => {
      const states = await Promise.all(
        working.map(({ dataset }) => send("GET", `/media/${dataset.working}/progress`).catch(() => ({})))
      )
      states.forEach(({ progress = 0 }, index) => {
        working[index].value = progress
        working[index].previousElementSibling.querySelector("[data-percent]").textContent = progress
      })
      states.some(({ state }) => state !== "working") ? this.refresh() : this.watch()
    }, POLL)
  }
}
