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

// press: what was down; a newer one of the same pointer stays.
function lift(pointerId, press) {
  if (!press || down.get(pointerId) !== press) return
  clearTimeout(press.lost)
  down.delete(pointerId)
  for (const one of waiting) {
    if (pressedIn(one.place)) continue
    waiting.delete(one)
    one.act()
  }
}

export function watchPresses() {
  document.addEventListener(
    "pointerdown",
    ({ pointerId, target }) => {
      const press = { element: target }
      clearTimeout(down.get(pointerId)?.lost)
      press.lost = setTimeout(() => lift(pointerId, press), LOST)
      down.set(pointerId, press)
    },
    true
  )
  for (const end of ["pointerup", "pointercancel"])
    document.addEventListener(
      end,
      ({ pointerId }) => {
        const press = down.get(pointerId)
        setTimeout(() => lift(pointerId, press), CLICK)
      },
      true
    )
}
