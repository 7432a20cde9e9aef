// A question with a few answers, each a button. Answers with the value of the one that was pressed; what closes
// the sheet otherwise answers with `otherwise`.
export function choose(title, { words = [], answers, otherwise = null }) {
  const sheet = Object.assign(document.createElement("dialog"), { className: "dialog" })
  sheet.setAttribute("aria-label", title)
  const line = (tag, text, className = "") =>
    Object.assign(document.createElement(tag), { textContent: text, className })
  const body = line("div", "", "grid gap-4")
  body.append(
    line("h2", title, "ask-words"),
    ...words.map(([label, text]) => {
      const part = line("section", "", "choose-words")
      part.append(line("h3", label), line("p", text))
      return part
    })
  )
  const buttons = line("div", "", "dialog-foot")
  answers.forEach(([value, word], index) => {
    const button = Object.assign(line("button", word, index === answers.length - 1 ? "button button-main" : "button"), {
      type: "button"
    })
    button.addEventListener("click", () => sheet.close(value))
    buttons.append(button)
  })
  body.append(buttons)
  sheet.append(body)
  document.body.append(sheet)
  sheet.returnValue = ""
  sheet.showModal()
  return new Promise(resolve =>
    sheet.addEventListener("close", () => {
      sheet.remove()
      resolve(sheet.returnValue || otherwise)
    })
  )
}
