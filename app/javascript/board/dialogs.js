// Opening and closing the board's sheets, and links that carry the page in view along.
import { say } from "shared/say"
import { send } from "shared/net"

export function startDialogs(board) {
  document.addEventListener("click", event => {
    if (event.target.closest("[data-open-page]")) document.getElementById("page-sheet").showModal()
    if (event.target.closest("[data-open-share]")) document.getElementById("share").showModal()
    if (event.target.closest("[data-rename]")) rename(board)
    if (event.target.closest("[data-open-facts]")) facts()
    const link = event.target.closest("a[data-keep-page]")
    if (link) follow(board, link, event)
    if (event.target.tagName === "DIALOG") event.target.close()
  })
  document.addEventListener("htmx:afterRequest", event => keptFacts(board, event))
  document.getElementById("player").addEventListener("close", () => {
    document.getElementById("player-body").replaceChildren()
    if (board.recorder.on) board.live.perform("played", board.recorder.during())
  })
}

// What the lesson is about. Its title is on this screen too.
function facts() {
  const sheet = document.getElementById("facts-sheet")
  window.htmx.trigger(sheet.querySelector("[data-facts-form]"), "open")
  sheet.showModal()
}

function keptFacts(board, { target, detail }) {
  if (!target.matches("[data-facts]") || !detail.successful) return
  document.querySelector("[data-rename]").textContent = target.elements["lesson[title]"].value.trim()
  target.closest("dialog").close()
  board.order.reload()
}

// What is still on its way is kept before the board is left.
async function follow(board, link, event) {
  if (event.ctrlKey || event.metaKey || event.shiftKey) return
  event.preventDefault()
  const url = new URL(link.href)
  url.searchParams.set("page", board.page)
  await Promise.race([board.settled(), new Promise(resolve => setTimeout(resolve, 2000))])
  location.assign(url)
}

function rename(board) {
  const button = document.querySelector("[data-rename]")
  const input = Object.assign(document.createElement("input"), { className: "input", value: button.textContent, maxLength: 120 })
  input.setAttribute("aria-label", "Title of the lesson")
  button.replaceWith(input)
  input.select()
  let done = false
  const end = async keep => {
    if (done) return
    done = true
    const title = input.value.trim()
    if (keep && title && title !== button.textContent) {
      try {
        button.textContent = (await send("PATCH", `/lessons/${board.lesson}`, { lesson: { title } })).title
      } catch (error) {
        say(error.message)
      }
    }
    input.replaceWith(button)
  }
  input.addEventListener("blur", () => end(true))
  input.addEventListener("keydown", event => {
    event.stopPropagation()
    if (event.key === "Enter" || event.key === "Escape") end(event.key === "Enter")
  })
}
