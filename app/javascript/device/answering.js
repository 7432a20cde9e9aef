// Answers that are not typed or chosen: a spot on the page, a drawing on it, things in order. Fetched when one is asked.
import { newId } from "shared/ids"
import { drag } from "surface/drag"
import { make, put } from "surface/svg"

const STEP = 20 // page units by an arrow key
const APART = 2 // page units between two points of a stroke
const MOST = 2000 // points of one
const INK = { colour: "#1e6079", stroke_width: 8, nib: "even", opacity: 1 }

// form: the poll's; svg: the page that is looked at.
export function answering(form, svg) {
  const kinds = { order, spot, drawing }
  kinds[form.dataset.pollKind]?.(form, svg)
}

function order(form) {
  const field = form.querySelector("[data-order]"),
    list = form.querySelector("[data-order-list]")
  const things = JSON.parse(field.value)
  const button = (index, by, words) => {
    const button = Object.assign(document.createElement("button"), { type: "button", className: "button button-icon" })
    button.textContent = by < 0 ? "↑" : "↓"
    button.setAttribute("aria-label", `${words} ${by < 0 ? "up" : "down"}`)
    button.disabled = !things[index + by]
    button.addEventListener("click", () => {
      ;[things[index], things[index + by]] = [things[index + by], things[index]]
      show()
      list.children[index + by].querySelectorAll("button")[by < 0 ? 0 : 1].focus()
    })
    return button
  }
  const show = () => {
    field.value = JSON.stringify(things)
    list.replaceChildren(
      ...things.map((words, index) => {
        const line = document.createElement("li")
        line.append(
          Object.assign(document.createElement("b"), { textContent: words }),
          button(index, -1, words),
          button(index, 1, words)
        )
        return line
      })
    )
  }
  show()
}

// The page once more, without what would make its ids twice.
function copy(place, svg) {
  const page = svg.cloneNode(true)
  for (const element of [page, ...page.querySelectorAll("[id]")]) element.removeAttribute("id")
  page.removeAttribute("width")
  page.removeAttribute("height")
  place.replaceChildren(page)
  return page
}

function at(page, { clientX, clientY }) {
  const { left, top, width, height } = page.getBoundingClientRect(),
    size = page.viewBox.baseVal
  const within = (value, most) => Math.round(Math.min(most, Math.max(0, value)) * 10) / 10
  return [
    within(((clientX - left) / width) * size.width, size.width),
    within(((clientY - top) / height) * size.height, size.height)
  ]
}

function spot(form, svg) {
  const place = form.querySelector("[data-tap-page]"),
    field = form.querySelector("[data-spot]"),
    page = copy(place, svg)
  const mark = page.appendChild(make("g", { "pointer-events": "none" }))
  mark.append(make("circle", { r: 40, fill: "#b3411d", opacity: 0.35 }), make("circle", { r: 12, fill: "#b3411d" }))
  const { width, height } = page.viewBox.baseVal
  const to = ([x, y]) => {
    put(mark, { transform: `translate(${x} ${y})`, visibility: "visible" })
    field.value = JSON.stringify([x, y])
  }
  field.value ? to(JSON.parse(field.value)) : put(mark, { visibility: "hidden" })
  place.addEventListener("click", event => to(at(page, event)))
  place.addEventListener("keydown", event => {
    const by = { ArrowLeft: [-STEP, 0], ArrowRight: [STEP, 0], ArrowUp: [0, -STEP], ArrowDown: [0, STEP] }[event.key]
    if (!by) return
    event.preventDefault()
    const [x, y] = field.value ? JSON.parse(field.value) : [width / 2, height / 2]
    to([Math.min(width, Math.max(0, x + by[0])), Math.min(height, Math.max(0, y + by[1]))])
  })
}

function drawing(form, svg) {
  const page = copy(form.querySelector("[data-draw-page]"), svg),
    field = form.querySelector("[data-strokes]")
  const lines = page.appendChild(
    make("g", {
      fill: "none",
      stroke: INK.colour,
      "stroke-width": INK.stroke_width,
      "stroke-linecap": "round",
      "stroke-linejoin": "round"
    })
  )
  const strokes = field.value ? JSON.parse(field.value) : []
  const show = stroke => {
    const points = stroke.points.map(([x, y]) => `${x},${y}`).join(" ")
    put(stroke.line ?? (stroke.line = lines.appendChild(make("polyline"))), { points })
  }
  const keep = () =>
    (field.value = strokes.length ? JSON.stringify(strokes.map(({ line: _, ...stroke }) => stroke)) : "")
  strokes.forEach(show)
  page.addEventListener("pointerdown", event => {
    event.preventDefault()
    const stroke = { kind: "ink", id: newId(), ...INK, points: [[...at(page, event), null, 0]] }
    strokes.push(stroke)
    show(stroke)
    drag(event, {
      capture: page,
      move: more => {
        const between = more.getCoalescedEvents?.() ?? []
        for (const one of between.length ? between : [more]) {
          const [x, y] = at(page, one),
            [lastX, lastY] = stroke.points.at(-1)
          if (stroke.points.length < MOST && Math.hypot(x - lastX, y - lastY) >= APART)
            stroke.points.push([x, y, null, Math.round(one.timeStamp - event.timeStamp)])
        }
        show(stroke)
      },
      end: keep,
      cancel: keep
    })
  })
  form.querySelector("[data-stroke-back]").addEventListener("click", () => {
    strokes.pop()?.line?.remove()
    keep()
  })
}
