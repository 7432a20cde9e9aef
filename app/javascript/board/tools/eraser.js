// The eraser, in one of three ways: it cuts ink where it passes, takes off whole strokes, or rubs out
// in pictures. While it moves, what it covers is hidden by a mask; what is left is computed by the core.
import { itemAt } from "board/pick"
import { boxOf } from "shared/page_view"

const SVG = "http://www.w3.org/2000/svg"
const MOST = 4000 // places in one sweep
const round = number => Math.round(number * 10) / 10

export const cursor = "none"
export const writes = true
let ring

export function hover(event, board) { mark(board, board.camera.toPage(event.clientX, event.clientY), board.store.eraser.radius) }
export function leave() { ring?.remove() }

export function down(contact, board) {
  contact.eraser ??= { ...board.store.eraser }
  Object.assign(contact, { path: [], ids: new Set(), masks: new Map() })
  sweep(contact, board, contact.page)
}

export function move(contact, board, events) {
  for (const event of events) sweep(contact, board, board.camera.toPage(event.clientX, event.clientY), [event.clientX, event.clientY])
}

export function up(contact, board) {
  ring?.remove()
  const { path, eraser: { mode, radius }, ids } = contact
  if (mode === "whole") return ids.size && board.do({ verb: "remove", ids: [...ids] })
  if (!ids.size) return unmask(contact)
  if (mode === "picture") for (const id of ids) board.do({ verb: "rub", id, path, radius: round(radius) })
  else board.do({ verb: "erase", path, radius: round(radius) })
  board.settled().then(() => unmask(contact)) // until then Ruby's drawings have come
}

export function cancel(contact, board) {
  for (const id of contact.ids) board.view.find(id)?.removeAttribute("visibility")
  unmask(contact)
  ring?.remove()
}

function sweep(contact, board, page, screen = contact.at) {
  const { path, eraser: { mode, radius } } = contact
  const place = page.map(round), last = path.at(-1)
  mark(board, page, radius)
  if (mode === "whole") wholeStrokes(contact, board, screen)
  if (last && Math.hypot(place[0] - last[0], place[1] - last[1]) < radius / 5) return
  if (path.length < MOST) path.push(place)
  if (mode !== "whole") mask(contact, board, last ?? place, place)
}

function wholeStrokes(contact, board, [toX, toY]) {
  const [x, y] = contact.last ?? contact.from
  const steps = Math.max(1, Math.ceil(Math.hypot(toX - x, toY - y) / 6))
  for (let step = 1; step <= steps; step++) {
    const stroke = itemAt(x + (toX - x) * step / steps, y + (toY - y) * step / steps, item => item.dataset.kind === "ink" && !contact.ids.has(item.dataset.item))
    if (!stroke) continue
    contact.ids.add(stroke.dataset.item)
    stroke.setAttribute("visibility", "hidden")
  }
  contact.last = [toX, toY]
}

// Everything near this step gets a mask of its own, in its own coordinates; they all show the same way.
function mask(contact, board, from, to) {
  const { radius, mode } = contact.eraser
  contact.trace ??= trace(contact, board)
  contact.trace.setAttribute("points", contact.path.map(place => place.join(",")).join(" "))
  const kind = mode === "picture" ? "picture" : "ink"
  for (const element of board.view.svg.querySelectorAll(`[data-kind="${kind}"]`)) {
    if (contact.masks.has(element) || !near(boxOf(element), from, to, radius)) continue
    contact.ids.add(element.dataset.item)
    contact.masks.set(element, veil(contact, element))
  }
}

function trace(contact, board) {
  const { radius } = contact.eraser
  contact.defs = board.view.svg.appendChild(make("defs"))
  return contact.defs.appendChild(make("polyline", { id: `swept-${contact.id}`, fill: "none", stroke: "#000", "stroke-width": radius * 2, "stroke-linecap": "round", "stroke-linejoin": "round" }))
}

function veil(contact, element) {
  const { x, y, width, height, angle } = boxOf(element)
  const id = `veil-${contact.id}-${element.dataset.item}`, margin = 400
  const veil = make("mask", { id, maskUnits: "userSpaceOnUse", x: -margin, y: -margin, width: width + 2 * margin, height: height + 2 * margin })
  veil.append(make("rect", { x: -margin, y: -margin, width: width + 2 * margin, height: height + 2 * margin, fill: "#fff" }))
  const back = veil.appendChild(make("g", { transform: `rotate(${-angle} ${width / 2} ${height / 2}) translate(${-x} ${-y})` }))
  back.append(make("use", { href: `#swept-${contact.id}` }))
  contact.defs.append(veil)
  element.setAttribute("mask", `url(#${id})`)
  return veil
}

function unmask(contact) {
  for (const element of contact.masks.keys()) element.removeAttribute("mask")
  contact.defs?.remove()
}

// Whether a step of the sweep comes near a turned box.
function near({ x, y, width, height, angle }, [ax, ay], [bx, by], radius) {
  const turn = -angle * Math.PI / 180, cx = x + width / 2, cy = y + height / 2
  const local = (px, py) => [(px - cx) * Math.cos(turn) - (py - cy) * Math.sin(turn), (px - cx) * Math.sin(turn) + (py - cy) * Math.cos(turn)]
  const [[px, py], [qx, qy]] = [local(ax, ay), local(bx, by)]
  const reach = [width / 2 + radius, height / 2 + radius]
  return Math.min(px, qx) <= reach[0] && Math.max(px, qx) >= -reach[0] && Math.min(py, qy) <= reach[1] && Math.max(py, qy) >= -reach[1]
}

// A ring shows how large the eraser is.
function mark(board, [cx, cy], r) {
  ring ??= make("circle", { fill: "rgb(255 255 255 / 0.5)", stroke: "#62555a", "vector-effect": "non-scaling-stroke", "stroke-width": 1.5 })
  for (const [name, value] of Object.entries({ cx, cy, r })) ring.setAttribute(name, value)
  if (!ring.isConnected) board.previews.append(ring)
}

function make(name, attributes = {}) {
  const element = document.createElementNS(SVG, name)
  for (const [key, value] of Object.entries(attributes)) element.setAttribute(key, value)
  return element
}
