// One line at the bottom of the screen, with at most one thing to do about it.
export function say(sentence, { action = null, run = null, seconds = 6 } = {}) {
  const place = document.getElementById("toasts")
  if (!place) return
  const line = document.createElement("div")
  line.className = "toast"
  line.append(Object.assign(document.createElement("span"), { textContent: sentence }))
  if (action) {
    const button = Object.assign(document.createElement("button"), { type: "button", textContent: action })
    button.addEventListener("click", () => { line.remove(); run() })
    line.append(button)
  }
  place.append(line)
  while (place.children.length > 3) place.firstChild.remove()
  setTimeout(() => line.remove(), seconds * 1000)
}
