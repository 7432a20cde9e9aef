// A piece carried by a hand: it follows the pointer, the place under it lights up. On a device a finger first rests
// on a piece, so that a swipe that begins there scrolls.
import { drag } from "surface/drag"

export const CARRIED = ".piece-carried"

const THRESHOLD = 8, // pixels, so that a shaky hand can still tap
  RESTS = 160, // ms
  EDGE = 60, // pixels from an edge of the window at which it scrolls
  STEP = 12

// put(place): the name of the place it was dropped on, or null for back among the others.
export function carry(press, piece, player, put) {
  const scale = piece.getBoundingClientRect().width / piece.offsetWidth || 1
  const from = [window.scrollX, window.scrollY]
  let over = null,
    scrolling = null,
    at = [0, 0]

  const targetAt = (x, y) =>
    document
      .elementsFromPoint(x, y)
      .map(element => element.closest("[data-place], [data-tray]"))
      .find(found => found && player.contains(found))

  const light = target => {
    over?.classList.remove("place-over")
    over = target
    target?.classList.add("place-over")
  }

  const follow = () => {
    const [dx, dy] = [at[0] + window.scrollX - from[0], at[1] + window.scrollY - from[1]]
    piece.style.transform = `translate(${dx / scale}px, ${dy / scale}px)`
  }

  // Near an edge the window rolls, so that places further on can be reached.
  const roll = y => {
    clearInterval(scrolling)
    const by = y < EDGE ? -STEP : y > window.innerHeight - EDGE ? STEP : 0
    if (by)
      scrolling = setInterval(() => {
        window.scrollBy(0, by)
        follow()
      }, 16)
  }

  const down = () => {
    light(null)
    clearInterval(scrolling)
    piece.classList.remove(CARRIED.slice(1))
    piece.style.transform = ""
    setTimeout(() => delete piece.dataset.wasCarried)
  }

  const device = Boolean(player.closest(".device"))
  drag(press, {
    threshold: THRESHOLD,
    hold: device ? RESTS : 0,
    capture: piece,
    begin: () => {
      piece.dataset.wasCarried = "true"
      piece.classList.add(CARRIED.slice(1))
    },
    move: ({ clientX, clientY }, by) => {
      at = by
      follow()
      light(targetAt(clientX, clientY))
      if (device) roll(clientY)
    },
    end: ({ clientX, clientY }, dragged) => {
      if (!dragged) return down()
      const target = targetAt(clientX, clientY)
      down()
      if (target) put(target.dataset.place ?? null)
    },
    cancel: down
  })
}
