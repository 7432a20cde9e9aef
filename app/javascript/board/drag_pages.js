// Moving a page along the strip by hand: a mouse drags at once; a finger holds first, since a swipe
// scrolls the strip.
const HOLD = 350 // ms
const SHAKY = 8 // pixels

// moved(tab, onto): the tab was let go over another. free: the strip has rows, so a tab may go down too.
export function dragPages(strip, moved, { free = false } = {}) {
  let press = null

  const tabUnder = ({ clientX, clientY }) => document.elementsFromPoint(clientX, clientY).map(element => element.closest("[data-page]")).find(tab => tab && tab !== press?.tab)

  const lift = () => {
    press.lifted = true
    press.tab.setPointerCapture(press.id)
    press.tab.classList.add("page-lifted")
  }

  const end = () => {
    clearTimeout(press?.timer)
    press?.tab.classList.remove("page-lifted")
    if (press) press.tab.style.transform = ""
    press = null
  }

  strip.addEventListener("pointerdown", event => {
    const tab = event.target.closest("[data-page]")
    if (!tab || event.button > 0) return
    press = { tab, id: event.pointerId, x: event.clientX, y: event.clientY, mouse: event.pointerType === "mouse" }
    if (!press.mouse) press.timer = setTimeout(lift, HOLD)
  })

  strip.addEventListener("pointermove", event => {
    if (!press || event.pointerId !== press.id) return
    const [dx, dy] = [event.clientX - press.x, event.clientY - press.y]
    if (!press.lifted && Math.hypot(dx, dy) > SHAKY) press.mouse ? lift() : end()
    if (press?.lifted) press.tab.style.transform = `translate(${dx}px, ${free ? dy : Math.min(0, dy)}px)`
  })

  strip.addEventListener("pointerup", event => {
    if (!press) return
    const { lifted, tab } = press
    const onto = lifted && tabUnder(event)
    end()
    if (!lifted) return
    strip.addEventListener("click", click => click.stopImmediatePropagation(), { capture: true, once: true })
    setTimeout(() => strip.dispatchEvent(new Event("click"))) // uses up the guard where no click follows
    if (onto) moved(tab, onto)
  })

  strip.addEventListener("pointercancel", end)
  strip.addEventListener("touchmove", event => { if (press?.lifted) event.preventDefault() }, { passive: false })
  strip.addEventListener("contextmenu", event => { if (press) event.preventDefault() })
}
