// Where a finger draws or carries, nothing scrolls under it. The styles say so too (touch-action), but Chromium alone
// with them still takes a quick stroke for a fling, and the next tap, wherever it is, for the finger that stops it.
const SCROLLS = /auto|scroll/

export const still = event => event.cancelable && event.preventDefault()

// For all that is within an element, but for what scrolls in there by itself.
export function keepStill(element) {
  const scroller = part => {
    for (; part && part !== element; part = part.parentElement) {
      const { overflowX, overflowY } = getComputedStyle(part)
      if (SCROLLS.test(overflowX + overflowY)) return part
    }
  }
  element.addEventListener("touchmove", event => scroller(event.target) || still(event), { passive: false })
}
