import { still } from "surface/still"

// A press followed until it is lifted, by mouse, pen or finger.
//   begin(event)       once it has gone `threshold` pixels (or has rested for `hold` ms); false lets it go
//   move(event, [dx, dy])  in CSS pixels from where it was pressed
//   end(event, dragged)    lifted; dragged: whether it had begun
//   cancel()           it was taken away by the system, or scrolls
// Other pointers are left alone. With `hold` a finger that does not rest first scrolls, as the style of what is pressed
// lets it (touch-action); once it has rested nothing scrolls under it, and it opens no menu.
export function drag(press, { threshold = 0, hold = 0, capture = press.target, begin, move, end, cancel }) {
  const from = [press.clientX, press.clientY],
    { pointerId } = press,
    waits = hold && press.pointerType !== "mouse"
  let dragged = false,
    timer = null

  const start = event => {
    if (begin?.(event) === false) return stop()
    dragged = true
    try {
      capture?.setPointerCapture(pointerId)
    } catch {
      /* the pointer has gone, or was made up by a script */
    }
  }

  const moved = event => {
    if (event.pointerId !== pointerId) return
    const by = [event.clientX - from[0], event.clientY - from[1]]
    if (!dragged && Math.hypot(...by) >= threshold) {
      if (waits && event.timeStamp - press.timeStamp < hold) return leave()
      start(event)
    }
    if (dragged) move?.(event, by)
  }

  const lifted = event => {
    if (event.pointerId !== pointerId) return
    if (event.type !== "pointerup") return leave()
    stop()
    end?.(event, dragged)
  }

  const leave = () => {
    stop()
    cancel?.()
  }

  const stay = event => dragged && still(event)
  const noMenu = event => event.preventDefault()

  const stop = () => {
    clearTimeout(timer)
    document.removeEventListener("pointermove", moved)
    document.removeEventListener("touchmove", stay)
    document.removeEventListener("contextmenu", noMenu)
    for (const name of ["pointerup", "pointercancel"]) document.removeEventListener(name, lifted)
  }

  document.addEventListener("pointermove", moved)
  for (const name of ["pointerup", "pointercancel"]) document.addEventListener(name, lifted)
  // Told now, as the finger comes down: later it would not be heard.
  if (press.pointerType === "touch") document.addEventListener("touchmove", stay, { passive: false })
  if (waits) {
    timer = setTimeout(() => start(press), hold)
    document.addEventListener("contextmenu", noMenu)
  } else if (!threshold) start(press)
}
