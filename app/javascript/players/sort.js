// Sort into groups: brings a tile to a group by drag, by two taps or by keys, and sends the move. Several hands play at
// once: what one of them holds stays with it while the move of another is answered. Whether a move was right is
// Ruby's to say; what comes back shows it.
import { drag } from "surface/drag"
import { markup } from "shared/net"
import { say } from "shared/say"

const THRESHOLD = 8 // pixels, so that a shaky hand can still tap

export default () => ({
  picked: null,

  init() {
    this.root = this.$root // also for what is called by a tile that is away for a moment
    this.carried = new WeakSet() // tiles whose press was a drag: the click that follows is none
    this.moves = Promise.resolve()
  },

  pick({ currentTarget: tile }) {
    if (this.carried.delete(tile)) return
    const number = Number(tile.dataset.tile)
    this.picked = this.picked === number ? null : number
  },

  chooseGroup(event) {
    if (this.picked !== null) this.place(this.picked, Number(event.currentTarget.dataset.group))
  },

  key(event) {
    const group = Number(event.key) - 1
    const tile = event.target.closest("[data-tile]")?.dataset.tile ?? this.picked
    if (!(group >= 0) || tile == null || !this.root.querySelector(`[data-group="${group}"]`)) return
    event.preventDefault()
    this.place(Number(tile), group, true)
  },

  grab(event) {
    const tile = event.currentTarget
    if (event.button > 0 || this.held(tile)) return
    const over = ({ clientX, clientY }) =>
      document
        .elementsFromPoint(clientX, clientY)
        .map(element => element.closest("[data-group]"))
        .find(Boolean)
    const light = target => {
      tile.over?.classList.remove("sort-over")
      tile.over = target
      target?.classList.add("sort-over")
    }
    const back = () => {
      light(null)
      tile.classList.remove("tile-dragged")
      tile.style.transform = ""
      setTimeout(() => this.carried.delete(tile))
    }
    drag(event, {
      threshold: THRESHOLD,
      capture: tile,
      begin: () => {
        this.carried.add(tile)
        tile.classList.add("tile-dragged")
      },
      move: (moved, [dx, dy]) => {
        tile.style.transform = `translate(${dx}px, ${dy}px)`
        light(over(moved))
      },
      end: (lifted, dragged) => {
        if (!dragged) return
        const group = over(lifted)
        back()
        if (group) this.place(Number(tile.dataset.tile), Number(group.dataset.group))
      },
      cancel: back
    })
  },

  // Whether a hand has it, or its move is not answered yet.
  held(tile) {
    return tile.matches(".tile-dragged, .tile-sent")
  },

  // One move is answered after the other. keys: whoever plays by keys goes on at the next tile.
  place(number, group, keys = false) {
    const { root } = this,
      tile = root.querySelector(`[data-tile="${number}"]`)
    if (!tile || this.held(tile)) return
    if (this.picked === number) this.picked = null
    tile.classList.add("tile-sent")
    root.querySelector(`[data-group="${group}"] .sort-placed`).append(tile)
    this.moves = this.moves.then(async () => {
      try {
        const move = JSON.stringify({ tile: number, group })
        this.answered(tile, await markup("POST", root.dataset.moves, { move }))
      } catch (error) {
        say(error.message)
        tile.classList.remove("tile-sent")
        this.laidBack(tile)
      }
      if (keys) this.next(number)?.focus({ preventScroll: true })
    })
  },

  // Shows what has become of a move, and leaves what other hands hold.
  answered(tile, html) {
    const { root } = this,
      player = root.closest(".player"),
      fresh = new DOMParser().parseFromString(html, "text/html").querySelector(".player")
    player.querySelector(".player-head").replaceWith(fresh.querySelector(".player-head"))
    for (const group of fresh.querySelectorAll("[data-group]")) {
      const place = root.querySelector(`[data-group="${group.dataset.group}"] .sort-placed`)
      const sent = [...place.querySelectorAll(".tile-sent")].filter(one => one !== tile)
      place.replaceChildren(...group.querySelector(".sort-placed").childNodes, ...sent)
    }
    const still = fresh.querySelector(`[data-tile="${tile.dataset.tile}"]`)
    for (const one of root.querySelectorAll(".tile-back")) {
      one.classList.remove("tile-back")
      one.querySelector("[aria-label]")?.remove()
    }
    tile.classList.remove("tile-sent")
    if (still) {
      tile.classList.add("tile-back")
      tile.replaceChildren(...still.childNodes)
      this.laidBack(tile)
    } else tile.remove()
    root.querySelector(".player-word").textContent = fresh.querySelector(".player-word").textContent
    const end = fresh.querySelector(".player-end")
    if (end && !player.querySelector(".player-end")) root.after(end)
  },

  // Among the others, in the order of the deal.
  laidBack(tile) {
    const after = this.next(Number(tile.dataset.tile), false)
    const tiles = this.root.querySelector(".sort-tiles")
    after?.parentElement === tiles ? after.before(tile) : tiles.append(tile)
  },

  next(number, round = true) {
    const tiles = [...this.root.querySelectorAll(".sort-tiles [data-tile]")]
    return tiles.find(tile => Number(tile.dataset.tile) > number) ?? (round ? tiles[0] : null)
  }
})
