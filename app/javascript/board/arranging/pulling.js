// A handle of what is chosen is pulled: it is scaled against the opposite one, rotated about its middle, or one knot
// goes elsewhere. Shown at once; what comes of it the core computes.
import { Part } from "surface/part"
import { Carry } from "surface/carry"
import { boxOf } from "surface/view"
import { CORNERS, pointOf, rotate, round } from "surface/geometry"
import { make, put } from "surface/svg"
import { knotsOf } from "board/arranging/frame"

const SIDES = { w: [0, 0.5], e: [1, 0.5] }
const WHOLE = 15 // degrees: steps that a rotation keeps to
const LEAST = 0.05 // smallest factor

export class Pulling extends Part {
  static needs = ["surface", "choice", "facts"]

  // A handle is gripped: what it pulls against stays where it is.
  grip({ handle }) {
    if (handle.startsWith("knot-")) return this.gripKnot(Number(handle.split("-")[1]))
    const { choice, surface, facts } = this,
      box = choice.box(),
      turning = handle === "turn"
    const [across, down] = { ...CORNERS, ...SIDES }[handle] ?? [0.5, 0.5]
    this.active = {
      box,
      turning,
      carry: new Carry(surface.view, choice.elements()),
      side: handle.length === 1,
      about: pointOf(box, turning ? [0.5, 0.5] : [1 - across, 1 - down]),
      from: pointOf(box, [across, down]),
      even: choice.data().some(({ kind }) => facts.kinds[kind].even)
    }
  }

  pull(contact) {
    const { active } = this
    if (!active) return
    if (active.knots) return this.pullKnot(contact, active)
    active.turning ? this.turn(contact, active) : this.stretch(contact, active)
  }

  turn({ page, shift }, active) {
    const {
      box,
      about: [x, y]
    } = active
    let angle = (Math.atan2(page[1] - y, page[0] - x) * 180) / Math.PI + 90 - box.angle
    const whole = Math.round((box.angle + angle) / WHOLE) * WHOLE - box.angle
    if (shift || Math.abs(whole - angle) < 2) angle = whole
    active.angle = round(((angle + 540) % 360) - 180)
    active.carry.show(`rotate(${active.angle} ${x} ${y})`)
  }

  stretch({ page, origin, shift }, active) {
    const { box, about, from, side, even } = active
    const local = ([x, y]) => rotate([x - about[0], y - about[1]], -box.angle)
    const was = local(from),
      now = local([from[0] + page[0] - origin[0], from[1] + page[1] - origin[1]])
    let factors = was.map((size, axis) => (Math.abs(size) < 1 ? 1 : Math.max(LEAST, now[axis] / size)))
    if (side) factors = [factors[0], 1]
    else if (even !== shift)
      factors = Array(2).fill(Math.max(...factors.filter((_, axis) => Math.abs(was[axis]) >= 1), LEAST))
    active.factors = factors.map(factor => Math.round(factor * 1e5) / 1e5)
    const [x, y] = about
    active.carry.show(
      `translate(${x} ${y}) rotate(${box.angle}) scale(${active.factors.join(" ")}) rotate(${-box.angle}) translate(${-x} ${-y})`
    )
  }

  // Answers whether anything came of it.
  release() {
    const { active, surface } = this
    this.active = null
    if (!active) return false
    if (active.knots) return this.releaseKnot(active)
    const {
        turning,
        angle,
        factors,
        carry: { ids },
        box
      } = active,
      about = active.about.map(round)
    if (turning && angle) surface.do({ verb: "rotate", ids, about, angle })
    else if (factors) surface.do({ verb: "scale", ids, about, by: factors, angle: round(box.angle) })
    return Boolean((turning && angle) || factors)
  }

  gripKnot(knot) {
    const [element] = this.choice.elements()
    this.active = { knots: knotsOf(element.dataset), knot, element }
  }

  // While it is pulled only the new form is outlined; the core draws it.
  pullKnot({ page }, active) {
    active.to = page
    const places = active.knots.map((point, index) => (index === active.knot ? page : point))
    active.outline ??= this.surface.previews.appendChild(make("path"))
    put(active.outline, { class: "outline", d: form(active.element, places) })
  }

  releaseKnot({ element, knot, to, outline }) {
    if (!to) return false
    const id = element.dataset.item
    this.surface.hold(id, outline)
    this.surface.do({ verb: "bend", ids: [id], knot, to: to.map(round) })
    return true
  }

  drop() {
    this.active?.outline?.remove()
    this.active = null
  }
}

// The outline that knots make, by kind.
function form(element, places) {
  const words = places.map(place => place.join(" ")),
    { x, y, width, height } = boxOf(element)
  const forms = {
    curve: () => `M${words[0]}C${words.slice(1).join(" ")}`,
    polygon: () => `M${words.join("L")}Z`,
    callout: () => `M${x + width / 2} ${y + height / 2}L${words[0]}`
  }
  return forms[element.dataset.kind]?.() ?? `M${words.join("L")}`
}
