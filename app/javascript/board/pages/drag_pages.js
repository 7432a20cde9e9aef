// Moving a page along the strip by hand: a mouse drags at once; a finger holds first, since a swipe scrolls the strip.
import { drag } from "surface/drag"

const HOLD = 350 // ms
const SHAKY = 8 // pixels

// moved(tab, onto): the tab was let go over another. free: the strip has rows, so a tab may go down too. Answers with
// whether a hand holds a tab just now.
export function dragPages(strip, moved, { free = false } = {}) {
  let lifted = null,
    pressed = false

  const under = ({ clientX, clientY }) =>
    document
      .elementsFromPoint(clientX, clientY)
      .map(element => element.closest("[data-page]"))
      .find(tab => tab && tab !== lifted)

  const back = () => {
    lifted?.classList.remove("page-lifted")
    if (lifted) lifted.style.transform = ""
    lifted = null
    pressed = false
  }

  // The click that follows does not turn the page.
  const guard = () => {
    strip.addEventListener("click", click => click.stopImmediatePropagation(), { capture: true, once: true })
    setTimeout(() => strip.dispatchEvent(new Event("click"))) // uses up the guard where no click follows
  }

  strip.addEventListener("pointerdown", event => {
    const tab = event.target.closest("[data-page]")
    if (!tab || event.button > 0) return
    pressed = true
    drag(event, {
      threshold: SHAKY,
      hold: HOLD,
      capture: tab,
      begin: () => {
        lifted = tab
        tab.classList.add("page-lifted")
      },
      move: (_, [dx, dy]) => {
        tab.style.transform = `translate(${dx}px, ${free ? dy : Math.min(0, dy)}px)`
      },
      end: (event, dragged) => {
        const onto = dragged && under(event)
        back()
        if (dragged) guard()
        if (onto) moved(tab, onto)
      },
      cancel: back
    })
  })

  return () => pressed
}
