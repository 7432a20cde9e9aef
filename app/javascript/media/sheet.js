// Sheets and bars of the parts of media/, made of their templates (board/_sheets.html.erb) when they are wanted.

// A bar over the page.
export const bar = name => document.getElementById(`bar-${name}`).content.firstElementChild.cloneNode(true)

// A sheet, open; it is gone once it is closed. title: instead of its own.
export function sheet(name, { title, closed } = {}) {
  const dialog = document.getElementById(`sheet-${name}`).content.firstElementChild.cloneNode(true)
  if (title) {
    dialog.setAttribute("aria-label", title)
    dialog.querySelector("h2").textContent = title
  }
  dialog.addEventListener("close", () => {
    closed?.()
    dialog.remove()
  })
  document.body.append(dialog)
  dialog.showModal()
  return dialog
}
