// What is played on a picture: places lie where data-at says (shares of its width and height), and in a frame with
// data-find a tap, or the cross that the arrow keys move (Home: to the middle), says where something is.
const ARROWS = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }
const MIDDLE = [0.5, 0.5],
  STEP = 0.025,
  FAST = 4 // times as far while Shift is held

const crosses = new WeakMap() // frame => where its cross is

function set(element, [x, y]) {
  Object.assign(element.style, { left: `${x * 100}%`, top: `${y * 100}%` })
}

function lay() {
  document.querySelectorAll("[data-at]").forEach(one => set(one, one.dataset.at.split(" ").map(Number)))
  document.querySelectorAll("[data-find]").forEach(frame => delete frame.dataset.asked)
}

// One tap is answered before the next: a second one would be meant for what is asked for then.
function tap(frame, at) {
  const { find: cell, asked } = frame.dataset
  if (!cell || asked || frame.closest("[data-over]")) return
  frame.dataset.asked = "true"
  const mark = Object.assign(document.createElement("span"), { className: "spot spot-number", textContent: "…" })
  set(mark, at)
  frame.append(mark)
  frame.dispatchEvent(new CustomEvent("move", { bubbles: true, detail: { cell, at } }))
}

const share = value => Math.min(1, Math.max(0, Math.round(value * 10000) / 10000))

function press({ target, clientX, clientY }) {
  const ask = target.closest?.("[data-ask]"),
    frame = target.closest?.("[data-find]")
  if (ask) return choose(ask)
  if (!frame) return
  const { left, top, width, height } = frame.getBoundingClientRect()
  tap(frame, [share((clientX - left) / width), share((clientY - top) / height)])
}

// Where nothing is marked yet an earlier answer can be given anew.
function choose(ask) {
  const player = ask.closest("[data-player]")
  player.querySelectorAll("[data-ask]").forEach(one => one.setAttribute("aria-current", String(one === ask)))
  player.querySelector("[data-find]").dataset.find = ask.dataset.ask
  player.querySelectorAll("[data-asked]").forEach(one => (one.hidden = one.dataset.asked !== ask.dataset.ask))
}

function key(event) {
  const frame = event.target.closest?.("[data-find]")
  if (!frame || event.target !== frame) return
  const home = event.key === "Home"
  const at = (!home && crosses.get(frame)) || MIDDLE,
    by = ARROWS[event.key]
  if (event.key === "Enter" || event.key === " ") tap(frame, at)
  else if (!by && !home) return
  event.preventDefault()
  event.stopPropagation()
  const step = STEP * (event.shiftKey ? FAST : 1)
  const now = by ? at.map((value, axis) => share(value + by[axis] * step)) : at
  crosses.set(frame, now)
  set(frame.querySelector(".find-cross"), now)
}

export default function start() {
  window.htmx.onLoad(lay)
  document.addEventListener("played", lay)
  document.addEventListener("click", press)
  document.addEventListener("keydown", key, true)
  lay()
}
