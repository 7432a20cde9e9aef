// A sheet that a part of media/ builds for itself: a heading, a way out, and what it is given.
export function sheet(title, html, { closed } = {}) {
  const dialog = Object.assign(document.createElement("dialog"), { className: "dialog" })
  dialog.setAttribute("aria-label", title)
  dialog.innerHTML = `<div class="dialog-head"><h2></h2><button class="button button-quiet" type="button" data-away>Close</button></div><div class="grid gap-4">${html}</div>`
  dialog.querySelector("h2").textContent = title
  dialog.addEventListener("click", event => { if (event.target.closest("[data-away]") || event.target === dialog) dialog.close() })
  dialog.addEventListener("keydown", event => event.stopPropagation())
  dialog.addEventListener("close", () => { closed?.(); dialog.remove() })
  document.body.append(dialog)
  dialog.showModal()
  return dialog
}
