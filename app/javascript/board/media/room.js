// What a lesson can be given besides ink and text. Everything large is a file in media/, fetched when it is first
// wanted (board/fetched).
import { fetchModule, send } from "shared/net"
import { say } from "shared/say"
import { newId } from "shared/ids"
import { ask } from "shared/ask"
import { listen } from "shared/opening"
import { boxOf } from "surface/view"
import { Part } from "surface/part"

export class MediaRoom extends Part {
  static needs = ["choice", "editor", "facts", "fetched", "recorder", "sheet", "state", "surface", "toolbox"]

  constructor(parts) {
    super(parts)
    this.surface.events.on("patched", () => this.lay())
    this.surface.events.on("turned", () => this.leave())
    this.panel = document.getElementById("store-room")
    this.panel?.addEventListener("click", event => {
      if (event.target.closest("[data-away]")) this.hide()
    })
    this.panel?.addEventListener("keydown", event => {
      if (event.key === "Escape") {
        event.stopPropagation()
        this.hide()
      }
    })
  }

  async show() {
    this.editor.close()
    this.panel.hidden = false
    this.surface.camera.makeRoom(this.panel.offsetWidth)
    const body = this.panel.querySelector("[data-store-room]")
    if (!this.room) {
      const { default: StoreRoom } = await fetchModule("media/store_room").catch(error => {
        this.hide()
        throw error
      })
      this.room ??= new StoreRoom(body, {
        taken: (...what) => this.take(...what),
        page: (x, y) => this.over(x, y) && this.surface.camera.toPage(x, y),
        linked: (way, address) => this.fetched.run("media/web_sheet", way, address),
        uploaded: asset => {
          if (asset.paged) this.take("own", [asset.asset])
        }
      })
    }
    this.panel.tabIndex = -1
    this.panel.focus({ preventScroll: true })
    if (!body.firstElementChild) window.htmx.trigger(body, "open")
    else this.room.refresh()
  }

  toggle() {
    this.panel.hidden ? this.show() : this.hide()
  }

  hide() {
    this.panel.hidden = true
    this.surface.camera.makeRoom(0)
    this.surface.stage.focus()
  }

  over(x, y) {
    return Boolean(document.elementFromPoint(x, y)?.closest("#stage"))
  }

  // The middle of what is in view and not under the panel, in page units; on the page, not in its wings.
  middle() {
    const { stage, camera } = this.surface,
      { left, top, right, bottom } = stage.getBoundingClientRect()
    const panel = this.panel && !this.panel.hidden && this.panel.getBoundingClientRect(),
      beside = panel && !camera.stacked
    const [x, y] = camera.toPage(
      (left + (beside ? panel.left : right)) / 2,
      (top + (panel && !beside ? panel.top : bottom)) / 2
    )
    const { width, height } = camera.page,
      { margin } = this.facts // nothing is laid nearer to the page's edge by itself
    return [Math.min(width - margin, Math.max(margin, x)), Math.min(height - margin, Math.max(margin, y))].map(
      Math.round
    )
  }

  // Things come out of the store room onto the page in view: where they were dropped, or beside what is there. One
  // after the other, because each must see where the one before came to lie. batch: the ids of what came with it;
  // dropped: whether it lies just there.
  take(shelf, ids, at = null, { batch = [], dropped = Boolean(at) } = {}) {
    const { page } = this.surface
    return (this.taking = (this.taking ?? Promise.resolve()).then(() =>
      this.comes({ shelf, ids, at: at ?? this.middle(), batch, dropped, page })
    ))
  }

  async comes({ shelf, ids, at, batch, dropped, page }) {
    try {
      await this.surface.settled()
      const { items, pages } = await send("POST", "/store_room/takings", {
        shelf,
        ids,
        at: at.map(Math.round),
        ...(dropped && { dropped }),
        lesson_id: this.surface.lesson,
        page,
        sitting: this.surface.sitting
      })
      batch.push(...items.map(({ id }) => id))
      if (items.length) await this.put(items, page, batch)
      if (pages) await this.fetched.run("media/pages_sheet", "open", pages)
    } catch (error) {
      say(error.message)
    }
  }

  // Puts items on a page and chooses them, with what came before them, when that page is still in view.
  async put(items, page = this.surface.page, chosen = items.map(({ id }) => id)) {
    const [first] = items,
      here = this.surface.mode === "prepare" && this.surface.page === page
    this.surface.do({ verb: "put", items }, this.surface.during(), page)
    if (!here) return this.surface.settled()
    this.toolbox.choose("arrange")
    await this.choice.whenKept(...chosen)
    this.surface.stage.focus() // keys mean what came
    if (this.surface.page === page && chosen.length === 1 && first.kind === "picture" && !first.alt)
      say("What is to be seen on this picture? Some cannot see it.", {
        action: "Describe it",
        run: () => {
          this.choice.only(first.id)
          this.describe()
        },
        seconds: 10
      })
  }

  // A sound or a video plays in its place; the class's devices follow.
  async play(element, how) {
    if (!this.player) {
      const { default: Player } = await fetchModule("media/player")
      this.player ??= new Player({
        view: () => this.surface.view,
        place: this.surface.stage,
        toScreen: (x, y) => this.surface.camera.toScreen(x, y),
        beside: (left, width) => this.surface.camera.beside(left, width),
        tell: state => this.tell(state),
        still: (...which) => this.still(...which),
        keep:
          this.surface.mode === "prepare"
            ? (id, set) => this.surface.do({ verb: "change", changes: [{ id, set }] })
            : null
      })
      this.surface.camera.watch(() => this.player.lay())
      window.addEventListener("pagehide", () => this.player.close())
    }
    this.player.open(element, how)
  }

  tell(state) {
    if (this.state.doors || this.recorder.on)
      this.surface.live.perform("media", {
        ...this.recorder.during(),
        ...(state.item ? { ...state, page: this.surface.page } : {})
      })
  }

  // What a video shows at this second lands on the page, the next one beside it: a storyboard. Or it
  // becomes the picture that the video shows at rest.
  async still(id, asset, at, { poster = false } = {}) {
    const { page } = this.surface
    try {
      const picture = await send("POST", `/media/${asset}/still`, { at })
      if (poster) return this.surface.do({ verb: "change", changes: [{ id, set: { picture: picture.id } }] })
      const { x, y, height } = boxOf(this.surface.view.find(id)),
        row = this.stills?.page === page ? this.stills : { page, count: 0 }
      this.stills = row
      const { width: wide, across } = this.facts.storyboard
      const side = [wide, Math.round((wide * picture.height) / picture.width)]
      const below = y + height + side[1] * 0.6 < this.surface.camera.page.height ? [x, y + height + 20] : [20, 20]
      const spot = [
        below[0] + (row.count % across) * (side[0] + 20),
        below[1] + Math.floor(row.count / across) * (side[1] + 20)
      ]
      row.count += 1
      this.surface.do(
        {
          verb: "put",
          items: [
            {
              kind: "picture",
              id: newId(),
              picture: picture.id,
              alt: picture.name,
              x: Math.round(spot[0]),
              y: Math.round(spot[1]),
              width: side[0],
              height: side[1]
            }
          ]
        },
        this.surface.during(),
        page
      )
    } catch (error) {
      say(error.message)
    }
  }

  // How the open sheet says a text should be read.
  speech() {
    const { sheet } = this.sheet
    return {
      language: sheet.querySelector("[data-speech-language]").value,
      speed: Number(sheet.querySelector("[data-speech-speed]").value) || 150
    }
  }

  async hear() {
    const { page } = this.surface,
      [id] = this.choice.ids(),
      { language, speed } = this.speech()
    await this.surface.settled()
    listen("speak", page, id, language, speed, this.surface.sitting)
  }

  // What is to be seen on a picture, for those who cannot see it.
  async describe() {
    const [element] = this.choice.elements(),
      was = element.getAttribute("aria-label").replace(/^Picture(: )?/, "")
    const alt = await ask("What is to be seen on this picture?", {
      value: was,
      action: "Keep",
      empty: true,
      hint: "It is read out where the picture cannot be seen."
    })
    if (alt !== null) this.surface.do({ verb: "change", changes: [{ id: element.dataset.item, set: { alt } }] })
  }

  // What is chosen goes into the store room, to come out again as it is.
  async keepSet() {
    const ids = this.choice.ids(),
      name = await ask("What should these things be called?", {
        action: "Keep in store room",
        hint: "They come out again as they are: live, not as a picture."
      })
    if (!name) return
    await this.surface.settled()
    await send("POST", "/store_room/sets", { page: this.surface.page, ids, name, sitting: this.surface.sitting }).then(
      () => say(`“${name}” is in the store room.`),
      error => say(error.message)
    )
    this.shelve()
  }

  // Whether any page of the web lives on this page.
  get framed() {
    return Boolean(this.frames?.living.size)
  }

  // A page of the web comes to life in its frame.
  async frame(element) {
    if (!this.frames) {
      const { default: Frames } = await fetchModule("media/frames")
      this.frames ??= new Frames(() => this.surface.view)
    }
    this.frames.open(element)
  }

  // Things were drawn anew, moved or left: what lives on the page stays with them.
  lay() {
    this.player?.lay()
    this.frames?.lay()
  }

  leave() {
    this.player?.close()
    this.frames?.close()
    this.fetched.known("media/live_view")?.close()
    this.fetched.known("media/paper_text")?.close()
  }

  // Files from the device come onto the page, as soon as each is in.
  async bring(files, at) {
    const { default: Uploads } = await fetchModule("media/uploads")
    this.uploads ??= new Uploads({
      done: (asset, { at: place, index, batch }) =>
        this.take("own", [asset.asset], place, { batch, dropped: Boolean(place) && !index }).then(() => this.shelve())
    })
    this.uploads.add(files, { at, batch: [] })
  }

  // What is new in the store room is seen there.
  shelve() {
    if (!this.panel.hidden) this.room?.refresh()
  }
}
