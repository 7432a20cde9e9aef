// One line at the bottom of the screen, with at most one thing to do about it. Answers with the line, which may be removed
// sooner; never with a function, because Alpine calls whatever an expression of its own answers with.
export function say(sentence, { action = null, run = null, seconds = 6 } = {}) {
  const place = document.getElementById("toasts")
  if (!place) return null
  within(place)
  const line = document.createElement("div")
  line.className = "toast"
  line.append(Object.assign(document.createElement("span"), { textContent: sentence }))
  if (action) {
    const button = Object.assign(document.createElement("button"), { type: "button", textContent: action })
    button.addEventListener("click", () => {
      line.remove()
      run()
    })
    line.append(button)
  }
  place.append(line)
  while (place.children.length > 3) place.firstChild.remove()
  setTimeout(() => line.remove(), seconds * 1000)
  return line
}

// An open sheet makes everything outside it unreachable, so the line goes inside, and out again when the
// sheet is closed.
function within(place) {
  const sheet = [...document.querySelectorAll("dialog:modal")].at(-1)
  if (place.parentElement === (sheet ?? document.body)) return
  ;(sheet ?? document.body).append(place)
  sheet?.addEventListener("close", () => document.body.append(place), { once: true })
}
