// One question in a sheet. Answers with what was typed, true where nothing is to be typed, null when it
// was called off.
export function ask(words, { value = "", action = "OK", choices = [], hint = "", field = true, empty = false } = {}) {
  const sheet = Object.assign(document.createElement("dialog"), { className: "dialog" })
  sheet.setAttribute("aria-label", words.slice(0, 80))
  const form = Object.assign(document.createElement("form"), { method: "dialog", className: "grid gap-4" })
  const line = (tag, text, className = "") =>
    Object.assign(document.createElement(tag), { textContent: text, className })
  const input = Object.assign(document.createElement("input"), {
    className: "input",
    defaultValue: value,
    maxLength: 120
  })
  input.setAttribute("aria-label", words)
  form.append(line("h2", words, "ask-words"))
  if (field) form.append(input)
  if (hint) form.append(line("p", hint, "muted tiny"))
  if (choices.length) {
    const row = line("div", "", "options")
    for (const choice of choices) {
      const button = Object.assign(line("button", choice), { type: "button" })
      button.addEventListener("click", () => {
        input.value = choice
        input.focus()
      })
      row.append(button)
    }
    form.append(row)
  }
  const buttons = line("div", "", "dialog-foot")
  buttons.append(
    Object.assign(line("button", "Cancel", "button"), { type: "button", onclick: () => sheet.close("no") }),
    Object.assign(line("button", action, "button button-main"), { value: "yes" })
  )
  form.append(buttons)
  sheet.append(form)
  document.body.append(sheet)
  sheet.showModal()
  if (field) input.select()
  return new Promise(resolve =>
    sheet.addEventListener("close", () => {
      sheet.remove()
      const typed = input.value.trim()
      resolve(sheet.returnValue !== "yes" ? null : field ? (typed || empty ? typed : null) : true)
    })
  )
}
