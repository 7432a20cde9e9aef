// Sort into groups: brings a tile to a group by drag, by two taps or by keys, and sends the move.
// Whether it was right is Ruby's to say; the player that comes back shows it.
import { drag } from "surface/drag"

const THRESHOLD = 8 // pixels, so that a shaky hand can still tap

export default () => ({
  picked: null,
  busy: false,

  // After a move the player is new; whoever plays by keys goes on where they were.
  init() {
    if (this.$root.dataset.next === "") return
    const tiles = [...this.$root.querySelectorAll("[data-tile]")]
    const after = tiles.find(tile => Number(tile.dataset.tile) >= Number(this.$root.dataset.next)) ?? tiles[0]
    this.$nextTick(() => after?.focus({ preventScroll: true }))
  },

  pick(event) {
    if (this.dragged) {
      this.dragged = false
      return
    }
    const tile = Number(event.currentTarget.dataset.tile)
    this.picked = this.picked === tile ? null : tile
  },

  chooseGroup(event) {
    if (this.picked !== null) this.place(this.picked, Number(event.currentTarget.dataset.group))
  },

  key(event) {
    const group = Number(event.key) - 1
    const tile = event.target.closest("[data-tile]")?.dataset.tile ?? this.picked
    if (!(group >= 0) || tile == null || !this.$root.querySelector(`[data-group="${group}"]`)) return
    event.preventDefault()
    this.place(Number(tile), group)
  },

  grab(event) {
    if (this.busy || event.button > 0) return
    const tile = event.currentTarget
    const over = ({ clientX, clientY }) =>
      document
        .elementsFromPoint(clientX, clientY)
        .map(element => element.closest("[data-group]"))
        .find(Boolean)
    const back = () => {
      this.$root.querySelectorAll(".sort-over").forEach(group => group.classList.remove("sort-over"))
      tile.classList.remove("tile-dragged")
      tile.style.transform = ""
      setTimeout(() => {
        this.dragged = false
      })
    }
    drag(event, {
      threshold: THRESHOLD,
      capture: tile,
      begin: () => {
        this.dragged = true
        tile.classList.add("tile-dragged")
      },
      move: (moved, [dx, dy]) => {
        tile.style.transform = `translate(${dx}px, ${dy}px)`
        const target = over(moved)
        this.$root
          .querySelectorAll("[data-group]")
          .forEach(group => group.classList.toggle("sort-over", group === target))
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

  async place(tile, group) {
    if (this.busy) return
    this.busy = true
    this.picked = null
    const { $root } = this
    const shown = $root.querySelector(`[data-tile="${tile}"]`)
    shown.classList.remove("tile-dragged")
    shown.classList.add("tile-sent")
    shown.style.transform = ""
    $root.querySelector(`[data-group="${group}"] .sort-placed`).append(shown)
    await window.htmx.ajax("POST", $root.dataset.moves, {
      source: $root,
      target: $root.closest(".player"),
      swap: "outerHTML",
      values: { move: JSON.stringify({ tile, group }) }
    })
    if (!$root.isConnected) return
    // No answer came: the tile goes back, and can be tried again.
    $root.querySelector(".sort-tiles").append(shown)
    shown.classList.remove("tile-sent")
    this.busy = false
  }
})
