// The bar of what is chosen: where it stands and what opens from it, and a drag that begins on it.
import { pressedIn, unpressed } from "shared/pressed"
import { Part } from "surface/part"
import { itemAt } from "surface/pick"
import { cornersOf } from "surface/geometry"

const BELOW = 24, // pixels under the frame
  ABOVE = 60 // over it, past the handle that rotates
const GAP = 12 // pixels between what opens and what it changes
const DRAGGED = 8 // pixels from which a press is a drag

export class LabelBar extends Part {
  static needs = ["surface", "commands"]

  constructor(parts, bar) {
    super(parts)
    this.bar = bar
    this.looks = bar.querySelector(".looks")
    new MutationObserver(() => this.placeLooks()).observe(this.looks, { attributeFilter: ["hidden"], subtree: true })
    const { stage } = this.surface
    bar.addEventListener("pointerdown", event => (this.pressed = event))
    stage.addEventListener("pointermove", event => this.through(event), true)
    for (const end of ["pointerup", "pointercancel"]) stage.addEventListener(end, () => (this.pressed = null), true)
  }

  hide(hidden) {
    this.bar.hidden = hidden
  }

  // Under what is chosen, or over it where that hides less of what lies around it; box: in page units. It stays where it
  // is while one of its buttons is pressed.
  place(box) {
    if (pressedIn(this.bar)) return unpressed(this.bar, () => this.place(box))
    this.commands.dress(this.bar)
    const { camera, stage } = this.surface
    const corners = cornersOf(box).map(point => camera.toScreen(...point)),
      [left, right] = ends(corners.map(([x]) => x)),
      [top, bottom] = ends(corners.map(([, y]) => y))
    this.frame = { left, top, right, bottom }
    const { offsetWidth: width, offsetHeight: height } = this.bar
    const floor = stage.clientHeight - Number(stage.dataset.inset.split(" ")[3]) + 16
    const x = camera.beside((left + right - width) / 2, width)
    const under = bottom + BELOW + height <= floor && bottom + BELOW,
      over = top - ABOVE - height >= 8 && top - ABOVE - height
    const places = [under, over].filter(Boolean)
    const y =
      places.length > 1 ? this.clearest(places, x, width, height) : (places[0] ?? Math.max(8, top - ABOVE - height))
    Object.assign(this.bar.style, { left: `${x}px`, top: `${y}px` })
    this.at = { left: x, top: y, right: x + width, bottom: y + height }
    this.placeLooks()
  }

  // The place that hides fewest things; the first of equals.
  clearest(places, x, width, height) {
    const boxes = this.surface.view.all().map(element => element.getBoundingClientRect()),
      { left, top } = this.surface.stage.getBoundingClientRect()
    const hidden = y =>
      boxes.filter(box =>
        overlap(box, { left: x + left, top: y + top, right: x + left + width, bottom: y + top + height })
      ).length
    return places.reduce((best, y) => (hidden(y) < hidden(best) ? y : best))
  }

  // What opens from the bar lies beside what it changes: under the bar, over it, or to a side, wherever it fits.
  placeLooks() {
    const { offsetWidth: width, offsetHeight: height } = this.looks
    if (!width || !this.at) return
    const { clientWidth, clientHeight } = this.surface.stage,
      { at, frame } = this
    const outer = {
      left: Math.min(at.left, frame.left),
      right: Math.max(at.right, frame.right),
      top: Math.min(at.top, frame.top - ABOVE + GAP),
      bottom: Math.max(at.bottom, frame.bottom)
    }
    const within = (value, room, length) => Math.max(8, Math.min(room - length - 8, value))
    const x = within(at.left, clientWidth, width),
      y = within(at.top, clientHeight, height)
    const places = [
      [x, outer.bottom + GAP],
      [x, outer.top - GAP - height],
      [outer.right + GAP, y],
      [outer.left - GAP - width, y],
      [frame.right + GAP, within(frame.top, clientHeight, height)],
      [frame.left - GAP - width, within(frame.top, clientHeight, height)]
    ].map(([left, top]) => [within(left, clientWidth, width), within(top, clientHeight, height)])
    // The least of what it changes, then the least of the bar.
    const cost = ([left, top]) => {
      const own = { left, top, right: left + width, bottom: top + height }
      return 4 * overlap(own, frame) + overlap(own, at)
    }
    const [left, top] = places.reduce((best, place) => (cost(place) < cost(best) ? place : best))
    Object.assign(this.looks.style, { left: `${left - at.left}px`, top: `${top - at.top}px` })
  }

  // A drag that begins on the bar means what lies under it.
  through(event) {
    const { pressed } = this
    if (!pressed || event.pointerId !== pressed.pointerId) return
    if (Math.hypot(event.clientX - pressed.clientX, event.clientY - pressed.clientY) < DRAGGED) return
    this.pressed = null
    if (pressed.target.closest(".looks") || !itemAt(pressed.clientX, pressed.clientY)) return
    this.bar.hidden = true
    const { pointerId, pointerType, clientX, clientY, button, buttons, isPrimary, width, height } = pressed
    this.surface.stage.dispatchEvent(
      new PointerEvent("pointerdown", {
        ...{ pointerId, pointerType, clientX, clientY, button, buttons, isPrimary, width, height },
        cancelable: true
      })
    )
  }
}

const ends = values => [Math.min(...values), Math.max(...values)]

// The area that two boxes share, in square pixels.
function overlap(one, other) {
  const across = Math.min(one.right, other.right) - Math.max(one.left, other.left),
    down = Math.min(one.bottom, other.bottom) - Math.max(one.top, other.top)
  return across > 0 && down > 0 ? across * down : 0
}
