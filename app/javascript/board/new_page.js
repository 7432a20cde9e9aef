// Adding a page: the same again, on a paper, in a layout, or from a starting point of one's own.
import { send } from "shared/net"
import { say } from "shared/say"

export function newPage(board) {
  const sheet = document.getElementById("new-page")
  if (!sheet) return
  sheet.addEventListener("click", async event => {
    const start = event.target.closest("[data-start]"), drop = event.target.closest("[data-drop]")
    if (drop) return remove(drop)
    if (!start) return
    sheet.close()
    await board.order.add(JSON.parse(start.dataset.start))
  })
}

async function remove(button) {
  try {
    await send("DELETE", `/starting_points/${button.dataset.drop}`)
    button.closest("[data-kept]").remove()
    say("It is in the bin for 30 days.")
  } catch (error) {
    say(error.message)
  }
}
