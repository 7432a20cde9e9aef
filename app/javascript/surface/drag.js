// A press followed until it is lifted, by mouse, pen or finger.
//   begin(event)       once it has gone `threshold` pixels (or has rested for `hold` ms); false lets it go
//   move(event, [dx, dy])  in CSS pixels from where it was pressed
//   end(event, dragged)    lifted; dragged: whether it had begun
//   cancel()           it was taken away by the system
// Other pointers are left alone. Where the page's own gesture (scrolling) should go on, it is not prevented here.
export function drag(press, { threshold = 0, hold = 0, capture = press.target, begin, move, end, cancel }) {
  const from = [press.clientX, press.clientY],
    { pointerId } = press
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
    if (!dragged && Math.hypot(...by) >= threshold) hold && event.pointerType !== "mouse" ? stop() : start(event)
    if (dragged) move?.(event, by)
  }

  const lifted = event => {
    if (event.pointerId !== pointerId) return
    stop()
    event.type === "pointerup" ? end?.(event, dragged) : cancel?.()
  }

  const stop = () => {
    clearTimeout(timer)
    document.removeEventListener("pointermove", moved)
    for (const name of ["pointerup", "pointercancel"]) document.removeEventListener(name, lifted)
  }

  document.addEventListener("pointermove", moved)
  for (const name of ["pointerup", "pointercancel"]) document.addEventListener(name, lifted)
  if (hold && press.pointerType !== "mouse") timer = setTimeout(() => start(press), hold)
  else if (!threshold) start(press)
}
