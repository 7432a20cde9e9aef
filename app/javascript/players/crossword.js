// In the grid of a crossword: after a letter comes the next square of the word one is in; the arrows go anywhere.
const STEPS = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }

let step = [1, 0] // the direction of the word one is in

const squareAt = (from, [dx, dy]) => {
  const [x, y] = from.dataset.field.split("-").map(Number)
  return from.closest(".crossword").querySelector(`[data-square][data-field="${x + dx}-${y + dy}"]`)
}

function go(to) {
  to?.focus()
  to?.select()
}

export default function start() {
  document.addEventListener("input", ({ target }) => {
    if (!target.matches?.("[data-square]") || !target.value.trim()) return
    target.value = target.value.trim().toUpperCase()
    target.dispatchEvent(new Event("change", { bubbles: true }))
    if (!squareAt(target, step)) step = [step[1], step[0]]
    go(squareAt(target, step))
  })
  document.addEventListener("focusin", ({ target }) => target.matches?.("[data-square]") && target.select())
  document.addEventListener("keydown", event => {
    const { target, key } = event
    if (!target.matches?.("[data-square]")) return
    if (STEPS[key]) {
      event.preventDefault()
      step = STEPS[key].map(Math.abs)
      go(squareAt(target, STEPS[key]))
    }
    if (key === "Backspace" && !target.value)
      go(
        squareAt(
          target,
          step.map(n => -n)
        )
      )
  })
}
