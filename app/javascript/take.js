// A take being watched.
import htmx from "htmx"
import { startHtmx } from "shared/page"
import { Player } from "take/player"

startHtmx(htmx)
const start = root => {
  const take = root.querySelector("#take")
  if (take) new Player(take)
}
start(document)
document.addEventListener("htmx:afterSwap", () => start(document))
