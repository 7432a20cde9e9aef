// The small tool puck in Teach: drag it to either side and any height, so that everybody reaches it.
import { drag } from "surface/drag"
import { unpressed } from "shared/pressed"

const KEY = "usher:puck" // and of the second one
const EDGE = 12
const bar = () => document.querySelector(".bar").offsetHeight // CSS pixels at the foot that stay free

export const puck = () => ({
  more: false,
  side: "left",
  down: 0.5,
  get second() {
    return "second" in this.$root.dataset
  },
  get key() {
    return this.second ? `${KEY}:second` : KEY
  },
  // The first one stands at the side of the other hand, so that the writing hand has the page.
  get usual() {
    return Boolean(this.$store.board.preferences.left_hand) !== this.second ? "right" : "left"
  },
  toggleMore() {
    this.more = !this.more
    this.$nextTick(() => this.fit())
  },

  // What opens beside the puck stays on the screen, whatever it offers at the moment.
  fit() {
    const panel = this.$refs.more
    const { top } = this.$root.getBoundingClientRect()
    const lowest = innerHeight - bar() - EDGE - panel.offsetHeight
    panel.style.top = `${Math.max(EDGE, Math.min(top, lowest)) - top}px`
  },

  // It closes after a choice, by Esc, and by a touch of the page.
  shut(event) {
    if (!event || event.target.closest("[data-tool], [x-command], .swatch, a")) this.more = false
  },

  init() {
    document.getElementById("stage").addEventListener("pointerdown", () => this.shut())
    let place = {}
    try {
      place = JSON.parse(localStorage.getItem(this.key)) ?? {}
    } catch {
      /* the usual place */
    }
    this.settle(place.side ?? this.usual, place.down ?? 0.5)
    this.$watch("$store.board.preferences.left_hand", () => this.settle(this.usual, this.down))
    const again = () => this.settle(this.side, this.down)
    const watch = new ResizeObserver(() => unpressed(this.$root, again)) // it came, or has more to offer; the bar too
    for (const one of [this.$root, document.querySelector(".bar")]) watch.observe(one)
  },

  grab(event) {
    const puck = this.$root
    const { left, top } = puck.getBoundingClientRect()
    const [dx, dy] = [event.clientX - left, event.clientY - top]
    drag(event, {
      move: ({ clientX, clientY }) =>
        Object.assign(puck.style, { left: `${clientX - dx}px`, right: "auto", top: `${clientY - dy}px` }),
      end: ({ clientX, clientY }) =>
        this.settle(
          clientX < innerWidth / 2 ? "left" : "right",
          (clientY - dy) / (innerHeight - puck.offsetHeight - bar() || 1)
        ),
      cancel: () => this.settle(this.side, this.down)
    })
  },

  // Keys on the grip do the same.
  nudge(event) {
    const step = { ArrowUp: -0.1, ArrowDown: 0.1 }[event.key]
    if (step) this.settle(this.side, this.down + step)
    if (event.key === "ArrowLeft") this.settle("left", this.down)
    if (event.key === "ArrowRight") this.settle("right", this.down)
  },

  settle(side, down) {
    Object.assign(this, { side, down: Math.min(1, Math.max(0, down)) })
    const puck = this.$root
    const room = Math.max(0, innerHeight - puck.offsetHeight - bar() - 2 * EDGE)
    Object.assign(puck.style, {
      left: side === "left" ? `${EDGE}px` : "auto",
      right: side === "right" ? `${EDGE}px` : "auto",
      top: `${EDGE + this.down * room}px`
    })
    if (!this.second) document.body.dataset.puck = side
    localStorage.setItem(this.key, JSON.stringify({ side, down: this.down }))
  }
})
