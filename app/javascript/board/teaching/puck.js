// The small tool puck in Teach: drag it to either side and any height, so that everybody reaches it.
import { drag } from "surface/drag"

const KEY = "usher:puck"
const EDGE = 12

export const puck = () => ({
  more: false,
  toggleMore() {
    this.more = !this.more
    this.$nextTick(() => this.fit())
  },

  // What opens beside the puck stays on the screen, whatever it offers at the moment.
  fit() {
    const panel = this.$refs.more
    const { top } = this.$root.getBoundingClientRect()
    const lowest = innerHeight - 110 - panel.offsetHeight
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
      place = JSON.parse(localStorage.getItem(KEY)) ?? {}
    } catch {
      /* the usual place */
    }
    this.settle(place.side ?? "left", place.down ?? 0.5)
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
          (clientY - dy) / (innerHeight - puck.offsetHeight || 1)
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
    const room = Math.max(0, innerHeight - puck.offsetHeight - 110 - EDGE)
    Object.assign(puck.style, {
      left: side === "left" ? `${EDGE}px` : "auto",
      right: side === "right" ? `${EDGE}px` : "auto",
      top: `${EDGE + this.down * room}px`
    })
    localStorage.setItem(KEY, JSON.stringify({ side, down: this.down }))
  }
})
