// Playing an activity of any kind: pieces are picked up, carried and put down (by drag, by taps, by keys, by several
// hands at once), fields are filled in. What was done goes to Ruby as a move; what comes back is laid over what is
// here without disturbing what hands still hold. Nothing here knows what is right.
//   [data-player]              a go; [data-moves]: where its moves go
//   [data-piece] [data-place]  what is carried, and where to; [data-put]: the control of a place
//   [data-tray]                where pieces lie that are nowhere; [data-next]: a tapped piece goes to its next free place
//   [data-field]               an input or a list
//   [data-move]                a move as it is, such as { "turn": "p1" }
import { Idiomorph } from "idiomorph"
import { Moves } from "players/moves"
import { carry, CARRIED } from "players/carrying"
import { pressedIn, unpressed } from "shared/pressed"
import { say } from "shared/say"

const goes = new Map() // attempt's element id => Moves

let started = false

// Everything is heard at the document, so that a player may come and go.
export default function start() {
  if (started) return
  started = true
  document.addEventListener("pointerdown", event => grab(event))
  document.addEventListener("click", event => press(event))
  document.addEventListener("change", event => filled(event))
  document.addEventListener("keydown", event => key(event))
  window.htmx.onLoad(() => document.querySelectorAll("[data-player]").forEach(leftBehind))
  document.addEventListener("move", ({ target, detail }) => make(playerOf(target), detail))
  document.addEventListener("elsewhere", ({ target }) => movesOf(target).look())
}

const TAPPED = "[data-move], [data-put]"
const playerOf = element => element.closest("[data-player]")
const pieceNamed = (player, name) => player.querySelector(`[data-piece="${CSS.escape(name)}"]`)
const placeNamed = (player, name) => player.querySelector(`[data-place="${CSS.escape(name)}"]`)
const picked = player => player.querySelector('[data-piece][aria-pressed="true"]')

function movesOf(player) {
  if (!goes.has(player.id))
    goes.set(
      player.id,
      new Moves(player.id, player.dataset.moves, {
        show: move => document.getElementById(player.id) && foresee(document.getElementById(player.id), move),
        answered: html => lay(player.id, html),
        refused: message => say(message),
        waiting: count => line(player.id, count)
      })
    )
  return Object.assign(goes.get(player.id), { address: player.dataset.moves })
}

// Moves that a page before this one left in the browser go out as soon as their go is seen again.
function leftBehind(player) {
  if (player.id && Moves.left(player.id)) movesOf(player)
}

// In a sheet a move is of the part that is in sight.
function make(player, move) {
  const part = Number(player.querySelector("[data-part]")?.dataset.part)
  movesOf(player).add(part && !move.do ? { part, move } : move)
}

// What a move will look like until it is answered.
function foresee(player, made) {
  const move = made.move ?? made
  const { piece, place, field, text } = move,
    same = JSON.stringify(move)
  player.querySelectorAll("[data-move]").forEach(one => one.dataset.move === same && one.classList.add("piece-sent"))
  if (field !== undefined && text !== undefined) {
    const input = player.querySelector(`[data-field="${CSS.escape(field)}"]`)
    if (input && input !== document.activeElement) input.value = text
  }
  const carried = piece && pieceNamed(player, piece)
  if (!carried || carried.matches(CARRIED)) return
  carried.classList.add("piece-sent")
  const to = place ? placeNamed(player, place) : trayOf(carried)
  ;(to?.querySelector(".place-holds") ?? to)?.append(carried)
}

const trayOf = piece =>
  piece.closest("[data-next]")?.querySelector("[data-tray]") ?? playerOf(piece).querySelector("[data-tray]")

// What came back takes the place of what is shown once none of its controls is pressed; pieces in a hand and fields being
// typed in stay as they are.
function lay(id, html) {
  const player = document.getElementById(id)
  if (!player) return
  const tapped = [...player.querySelectorAll(TAPPED)].find(pressedIn)
  if (tapped) return unpressed(tapped, () => lay(id, html))
  const fresh = new DOMParser().parseFromString(html, "text/html").querySelector("[data-player]")
  const held = element =>
    element.matches?.(CARRIED) || (element.matches?.("input") && element === document.activeElement)
  // A piece that somebody picked up by a tap stays picked while another hand's move is answered.
  const chosen = (name, { dataset }) =>
    name === "data-picked" || (name === "aria-pressed" && dataset.piece !== undefined)
  Idiomorph.morph(player, fresh, {
    callbacks: {
      beforeNodeMorphed: (was, now) => was.nodeType !== 1 || !held(was) || now.matches?.("[disabled], [readonly]"),
      beforeNodeRemoved: was => was.nodeType !== 1 || !held(was),
      beforeAttributeUpdated: (name, was) => !chosen(name, was)
    }
  })
  const inHand = picked(player)
  if (inHand ? inHand.disabled : player.hasAttribute("data-picked")) letGo(player)
  window.htmx.process(player)
  player.dispatchEvent(new CustomEvent("played", { bubbles: true }))
}

function line(id, count) {
  const place = document.getElementById(id)?.querySelector("[data-line]")
  if (!place) return
  place.hidden = !count
  place.textContent = count
    ? `Usher cannot be reached. ${count === 1 ? "One move is" : `${count} moves are`} kept here and sent when it can.`
    : ""
}

// The piece that comes after one among those that lie nowhere yet.
function next(player, from) {
  const free = [...player.querySelectorAll("[data-tray] [data-piece]:not([disabled])")].filter(piece => piece !== from)
  return free.find(piece => from.compareDocumentPosition(piece) & Node.DOCUMENT_POSITION_FOLLOWING) ?? free[0]
}

function pick(piece, on = piece.getAttribute("aria-pressed") !== "true") {
  const player = playerOf(piece)
  picked(player)?.setAttribute("aria-pressed", "false")
  piece.setAttribute("aria-pressed", String(on))
  player.toggleAttribute("data-picked", on)
  if (on) announce(player, "Picked up. Choose a place.")
  if (on) hear(piece)
}

// What was picked up is settled or gone.
function letGo(player) {
  picked(player)?.setAttribute("aria-pressed", "false")
  player.removeAttribute("data-picked")
}

function announce(player, words) {
  player.querySelector(".player-word").textContent = words
}

// A piece that sounds is heard as it is picked up.
function hear(element) {
  const { sound } = (element.matches("[data-sound]") ? element : element.querySelector("[data-sound]"))?.dataset ?? {}
  if (sound) new Audio(sound).play().catch(() => say("That sound cannot be played."))
}

// keys: whoever plays by keys goes on at the next piece.
function put(player, piece, place, keys = false) {
  pick(piece, false)
  const { piece: name } = piece.dataset
  if ((piece.closest("[data-place]")?.dataset.place ?? null) === place) return
  const after = keys && next(player, piece)
  make(player, { piece: name, place })
  if (after) after.focus({ preventScroll: true })
}

function press(event) {
  const player = playerOf(event.target)
  if (!player || player.hasAttribute("data-over")) return
  const heard = event.target.closest("[data-sound]")
  if (heard && !heard.closest("[data-piece]")) return hear(heard)
  const act = event.target.closest("[data-move]")
  if (act) return make(player, JSON.parse(act.dataset.move))
  const piece = event.target.closest("[data-piece]"),
    place = event.target.closest("[data-place]"),
    carried = picked(player),
    keys = event.detail === 0
  if (piece?.dataset.wasCarried) return delete piece.dataset.wasCarried
  if (piece && (!carried || carried === piece || !place)) return tap(player, piece, place, keys)
  if (place && carried) return put(player, carried, place.dataset.place, keys)
  if (event.target.closest("[data-tray]") && carried?.closest("[data-place]")) put(player, carried, null, keys)
}

// Where pieces stand in a line a tap puts one at the next free place, or takes it back.
function tap(player, piece, place, keys) {
  const line = piece.closest("[data-next]")
  if (!line) return pick(piece)
  const free = line.querySelector("[data-place][data-many], [data-place]:not(:has([data-piece]))")
  if (place) return put(player, piece, null, keys)
  if (free) put(player, piece, free.dataset.place, keys)
}

function key(event) {
  const player = playerOf(event.target)
  if (!player || event.target.matches("input, select, textarea")) return
  const piece = event.target.closest("[data-piece]") ?? picked(player)
  if (event.key === "Escape" && picked(player)) {
    event.stopPropagation()
    event.preventDefault()
    return pick(picked(player), false)
  }
  const number = Number(event.key)
  if (!piece || !(number > 0) || event.ctrlKey || event.metaKey || event.altKey) return
  const places = [...(piece.closest("[data-next]") ?? player).querySelectorAll("[data-place]")]
  if (!places[number - 1]) return
  event.preventDefault()
  event.stopPropagation()
  put(player, piece, places[number - 1].dataset.place, true)
}

function filled({ target }) {
  const player = target.closest("[data-field]") && playerOf(target)
  if (!player) return
  const { field } = target.dataset
  if (target.matches("select"))
    make(player, target.value ? { field, option: target.value } : { field, option: target.dataset.was, chosen: false })
  else make(player, { field, text: target.value })
}

function grab(event) {
  const piece = event.target.closest("[data-piece]:not([disabled])")
  const player = piece && playerOf(piece)
  if (!player || event.button > 0 || player.hasAttribute("data-over") || piece.matches(CARRIED)) return
  carry(event, piece, player, place => put(player, piece, place))
}
