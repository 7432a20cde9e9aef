// What is under a finger or the mouse just now. What is pressed must not be changed by what others did: a click on
// something that is new by then is none. So whoever would change it waits until the click has come.
const CLICK = 50 // ms after a pointer was lifted in which its click comes
const LOST = 4000 // ms after which a pointer that nobody lifted is gone

const down = new Map() // pointer id => { element: that it came down on, lost: a timer }
const waiting = new Set()

export const pressedIn = place => [...down.values()].some(({ element }) => place.contains(element))

// Does something as soon as nothing in a place is pressed: at once, or after the press.
export function unpressed(place, act) {
  if (pressedIn(place)) waiting.add({ place, act })
  else act()
}

function lift({ pointerId }) {
  clearTimeout(down.get(pointerId)?.lost)
  if (!down.delete(pointerId)) return
  for (const one of waiting) {
    if (pressedIn(one.place)) continue
    waiting.delete(one)
    one.act()
  }
}

export function watchPresses() {
  document.addEventListener(
    "pointerdown",
    event => {
      clearTimeout(down.get(event.pointerId)?.lost)
      down.set(event.pointerId, { element: event.target, lost: setTimeout(() => lift(event), LOST) })
    },
    true
  )
  for (const end of ["pointerup", "pointercancel"])
    document.addEventListener(end, event => setTimeout(() => lift(event), CLICK), true)
}
