// The eraser, in one of three ways: it cuts ink where it passes, takes off whole strokes, or rubs out
// in pictures. While it moves, what it covers is hidden by a mask; what is left is computed by the core.
import { itemAt } from "surface/pick"
import { boxOf } from "surface/view"
import { toLocal } from "surface/geometry"
import { make, put } from "surface/svg"

const MOST = 4000 // points in one sweep
const MARGIN = 400 // page units around a thing that its mask reaches
const STEP = 6 // CSS pixels between two looks for a stroke
const round = number => Math.round(number * 10) / 10
const RING = {
  fill: "rgb(255 255 255 / 0.5)",
  stroke: "#62555a",
  "vector-effect": "non-scaling-stroke",
  "stroke-width": 1.5
}

export default {
  word: "Eraser",
  icon: "eraser",
  key: "E",
  title: "Take off ink (E)",

  make({ surface, state }) {
    const { camera, view } = surface
    let ring

    // A ring shows how large the eraser is.
    const mark = ([cx, cy], r) => {
      ring ??= make("circle", RING)
      put(ring, { cx, cy, r })
      if (!ring.isConnected) surface.previews.append(ring)
    }

    const wholeStrokes = (contact, [toX, toY]) => {
      const [x, y] = contact.last ?? contact.from
      const steps = Math.max(1, Math.ceil(Math.hypot(toX - x, toY - y) / STEP))
      const fresh = item => item.dataset.kind === "ink" && !contact.ids.has(item.dataset.item)
      for (let step = 1; step <= steps; step++) {
        const stroke = itemAt(x + ((toX - x) * step) / steps, y + ((toY - y) * step) / steps, fresh)
        if (!stroke) continue
        contact.ids.add(stroke.dataset.item)
        stroke.setAttribute("visibility", "hidden")
      }
      contact.last = [toX, toY]
    }

    // Everything near this step gets a mask of its own, in its own coordinates; they all show the same path.
    const mask = (contact, from, to) => {
      const { radius, mode } = contact.eraser
      contact.trace ??= trace(contact)
      contact.trace.setAttribute("points", contact.path.map(point => point.join(",")).join(" "))
      for (const element of view.svg.querySelectorAll(`[data-kind="${mode === "picture" ? "picture" : "ink"}"]`)) {
        if (contact.masks.has(element) || !near(boxOf(element), from, to, radius)) continue
        contact.ids.add(element.dataset.item)
        contact.masks.set(element, veil(contact, element))
      }
    }

    const trace = contact => {
      contact.defs = view.svg.appendChild(make("defs"))
      const look = {
        fill: "none",
        stroke: "#000",
        "stroke-width": contact.eraser.radius * 2,
        "stroke-linecap": "round",
        "stroke-linejoin": "round"
      }
      return contact.defs.appendChild(make("polyline", { id: `swept-${contact.id}`, ...look }))
    }

    const sweep = (contact, page, screen = contact.at) => {
      const {
        path,
        eraser: { mode, radius }
      } = contact
      const point = (contact.bound?.(page) ?? page).map(round),
        last = path.at(-1)
      mark(point, radius)
      if (mode === "whole") wholeStrokes(contact, screen)
      if (last && Math.hypot(point[0] - last[0], point[1] - last[1]) < radius / 5) return
      if (path.length < MOST) path.push(point)
      if (mode !== "whole") mask(contact, last ?? point, point)
    }

    return {
      cursor: "none",
      writes: true,
      hover: event => mark(camera.toPage(event.clientX, event.clientY), state.eraser.radius),
      leave: () => ring?.remove(),

      down(contact) {
        contact.eraser ??= { ...state.eraser }
        Object.assign(contact, { path: [], ids: new Set(), masks: new Map() })
        sweep(contact, contact.page)
      },

      move(contact, events) {
        for (const { clientX, clientY } of events) sweep(contact, camera.toPage(clientX, clientY), [clientX, clientY])
      },

      up(contact) {
        ring?.remove()
        const {
          path,
          eraser: { mode, radius },
          ids
        } = contact
        if (mode === "whole") return ids.size && surface.do({ verb: "remove", ids: [...ids] })
        if (!ids.size) return unmask(contact)
        if (mode === "picture") for (const id of ids) surface.do({ verb: "rub", id, path, radius: round(radius) })
        else surface.do({ verb: "erase", path, radius: round(radius) })
        surface.settled().then(() => unmask(contact)) // until then Ruby's drawings have come
      },

      cancel(contact) {
        for (const id of contact.ids) view.find(id)?.removeAttribute("visibility")
        unmask(contact)
        ring?.remove()
      }
    }
  }
}

function veil(contact, element) {
  const { x, y, width, height, angle } = boxOf(element)
  const id = `veil-${contact.id}-${element.dataset.item}`
  const area = { x: -MARGIN, y: -MARGIN, width: width + 2 * MARGIN, height: height + 2 * MARGIN }
  const veil = make("mask", { id, maskUnits: "userSpaceOnUse", ...area })
  veil.append(make("rect", { ...area, fill: "#fff" }))
  const back = veil.appendChild(
    make("g", { transform: `rotate(${-angle} ${width / 2} ${height / 2}) translate(${-x} ${-y})` })
  )
  back.append(make("use", { href: `#swept-${contact.id}` }))
  contact.defs.append(veil)
  element.setAttribute("mask", `url(#${id})`)
  return veil
}

function unmask(contact) {
  for (const element of contact.masks.keys()) element.removeAttribute("mask")
  contact.defs?.remove()
}

// Whether a step of the sweep comes near a rotated box.
function near(box, from, to, radius) {
  const [[px, py], [qx, qy]] = [from, to].map(point => toLocal(box, point)),
    { width, height } = box
  return (
    Math.min(px, qx) <= width + radius &&
    Math.max(px, qx) >= -radius &&
    Math.min(py, qy) <= height + radius &&
    Math.max(py, qy) >= -radius
  )
}
