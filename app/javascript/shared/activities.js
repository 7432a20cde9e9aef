// What activities bring to the browser: the player, and for each kind that needs one a maker in makers/, named like its
// kind (data-maker-kind). Fetched when they are first to be seen.
import Alpine from "alpine"
import { fetchModule, markup } from "shared/net"
import { say } from "shared/say"
import { stopwatch } from "shared/stopwatch"
import { styled } from "shared/styled"

const fetched = {},
  WANTS = "[data-player], [data-maker-kind], .maker-head"

Alpine.data("stopwatch", stopwatch)

const once = (path, then) =>
  (fetched[path] ??= fetchModule(path)
    .then(then)
    .catch(error => {
      delete fetched[path]
      throw error
    }))

const player = () => once("players/player", ({ default: start }) => start())
// What a kind needs besides.
const script = name => once(`players/${name}`, ({ default: start }) => start())

const maker = kind => once(`makers/${kind}`, ({ default: part }) => Alpine.data(`${kind}Maker`, part))

const arrived = new Set() // names of scripts and makers

// Resolves once everything within this element (or document) has what it needs.
export const ready = root =>
  root.querySelector(WANTS) &&
  Promise.all([
    styled("playing"),
    root.querySelector("[data-player]") && player(),
    ...wanted(root).map(([name, fetch]) => fetch().then(() => arrived.add(name)))
  ])

// [[name, what fetches it], ...]
const wanted = root => [
  ...[...root.querySelectorAll("[data-player-script]")].map(({ dataset: { playerScript: name } }) => [
    name,
    () => script(name)
  ]),
  ...[...root.querySelectorAll("[data-maker-kind]")].map(({ dataset: { makerKind: name } }) => [
    `${name}Maker`,
    () => maker(name)
  ])
]

// What comes by htmx has all it needs before it is swapped in.
document.addEventListener("htmx:beforeSwap", event => {
  const { detail } = event,
    fresh = new DOMParser().parseFromString(detail.serverResponse ?? "", "text/html")
  if (wanted(fresh).every(([name]) => arrived.has(name))) return
  detail.shouldSwap = false
  ready(fresh).then(() => window.htmx.swap(detail.target, detail.serverResponse, { swapStyle: "innerHTML" }))
})

// A player or a maker from this address comes into the target (a selector). Answers whether it came.
export async function open(address, target, { method = "POST" } = {}) {
  try {
    const player = await markup(method, address)
    await ready(new DOMParser().parseFromString(player, "text/html"))
    window.htmx.swap(target, player, { swapStyle: "innerHTML" })
    return true
  } catch (error) {
    say(error.message)
    return false
  }
}
