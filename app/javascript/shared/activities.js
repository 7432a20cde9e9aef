// What the kinds of activity bring to the browser: a player in players/, a maker in makers/, each a file named like its
// kind and fetched when it is first to be seen (data-player-kind, data-maker-kind).
import Alpine from "alpine"
import { markup } from "shared/net"
import { say } from "shared/say"
import { stopwatch } from "shared/stopwatch"

const ROOMS = { playerKind: ["players", "Player"], makerKind: ["makers", "Maker"] }
const fetched = {}

Alpine.data("stopwatch", stopwatch)

function get(room, suffix, kind) {
  const path = `${room}/${kind}`
  fetched[path] ??= import(path).then(({ default: part }) => Alpine.data(kind + suffix, part))
  return fetched[path].catch(error => {
    delete fetched[path]
    throw error
  })
}

// Resolves once everything within this element (or document) has what it needs.
export const ready = root =>
  Promise.all(
    [...root.querySelectorAll("[data-player-kind], [data-maker-kind]")].flatMap(({ dataset }) =>
      Object.keys(ROOMS)
        .filter(name => dataset[name])
        .map(name => get(...ROOMS[name], dataset[name]))
    )
  )

// A player from this address comes into the target (a selector). Answers whether it came.
export async function open(address, target) {
  try {
    const player = await markup("POST", address)
    await ready(new DOMParser().parseFromString(player, "text/html"))
    window.htmx.swap(target, player, { swapStyle: "innerHTML" })
    return true
  } catch (error) {
    say(error.message)
    return false
  }
}
