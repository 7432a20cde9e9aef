// In the grid of a word search: a line is drawn over letters, or its two ends are tapped.
import { drag } from "surface/drag"

let first = null // the letter a line begins at

const letterAt = (x, y) => document.elementsFromPoint(x, y).find(element => element.matches("[data-letter]"))

function line(from, to) {
  first = null
  from.classList.remove("is-first")
  from.dispatchEvent(
    new CustomEvent("move", { bubbles: true, detail: { from: from.dataset.letter, to: to.dataset.letter } })
  )
}

export default function start() {
  document.addEventListener("pointerdown", event => {
    const letter = event.target.closest?.("[data-letter]")
    if (!letter || event.button > 0) return
    drag(event, {
      capture: null,
      end: ({ clientX, clientY }) => {
        const to = letterAt(clientX, clientY)
        if (!to || to === letter || to.closest("[data-player]") !== letter.closest("[data-player]")) return
        first?.classList.remove("is-first")
        line(letter, to)
      }
    })
  })
  document.addEventListener("click", ({ target }) => {
    const letter = target.closest?.("[data-letter]")
    if (!letter || letter.closest("[data-over]")) return
    if (first && first.isConnected && first !== letter) return line(first, letter)
    first?.classList.remove("is-first")
    first = first === letter ? null : letter
    first?.classList.add("is-first")
  })
}
