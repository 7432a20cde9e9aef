// A page on screen: the drawings that Ruby made, patched as operations come in. Knows only ids,
// stacking and versions; never what a drawing means.
import { fetchModule } from "shared/net"
import { draw, make } from "surface/svg"

export class PageView {
  constructor(svg) {
    this.svg = svg
    this.ground = svg.querySelector("[data-ground]")
    this.items = svg.querySelector("[data-items]")
    this.gone = new Map()
  }

  // told: patches that may be newer than that.
  load({ ground, items, page, told = [] }) {
    draw(this.ground, ground)
    draw(this.items, items)
    this.gone.clear()
    for (const patch of told) if (patch.page === page) this.apply(patch)
  }

  // How large the page is where the whole of it is shown, in page units.
  get size() {
    return this.svg.viewBox.baseVal
  }
  set size({ width, height }) {
    this.svg.setAttribute("viewBox", `0 0 ${width} ${height}`)
    this.svg.setAttribute("width", width)
    this.svg.setAttribute("height", height)
  }

  find(id) {
    return this.svg.getElementById(`item-${id}`)
  }
  all() {
    return [...this.items.children].filter(element => element.dataset.item)
  }

  // The height of what lies in front of all else.
  get top() {
    return Math.max(0, ...this.all().map(({ dataset }) => Number(dataset.z)))
  }

  // Everything of its outermost group, itself among it.
  mates(element) {
    const group = outermost(element)
    return group ? this.all().filter(other => outermost(other) === group) : [element]
  }

  // Puts what is newer than what is shown; hearing the same patch twice changes nothing.
  apply({ put = [], gone = [], seq, ground }) {
    if (ground) draw(this.ground, ground)
    for (const id of gone) {
      if ((this.gone.get(id) ?? 0) < seq) this.gone.set(id, seq)
      const there = this.find(id)
      if (there && Number(there.dataset.seq) <= seq) there.remove()
    }
    for (const { id, z, svg } of put) {
      const there = this.find(id)
      if ((there && Number(there.dataset.seq) >= seq) || (this.gone.get(id) ?? 0) >= seq) continue
      this.place(svg, z, there)
    }
  }

  // Without versions: what lies there under this id is replaced, or taken away.
  put({ id, z, svg }) {
    this.place(svg, z, this.find(id))
  }
  remove(id) {
    this.find(id)?.remove()
  }

  // A cover that comes off is seen going: it lifts, fades or slides away.
  uncover(cover) {
    const leaving = make("g"),
      still = cover.cloneNode(true)
    still.removeAttribute("id")
    delete still.dataset.item
    leaving.setAttribute("class", `leaving leaving-${cover.dataset.effect}`)
    leaving.append(still)
    this.items.after(leaving)
    setTimeout(() => leaving.remove(), 700)
  }

  place(svg, z, there) {
    const element = draw(make("g"), svg).firstElementChild
    if (there && element.dataset.rolls && element.dataset.turns !== there.dataset.turns)
      fetchModule("surface/rolling").then(({ roll }) => roll(element))
    if (there?.dataset.cover === "on" && element.dataset.cover === "off") this.uncover(there)
    if (there && Number(there.dataset.z) === z) return there.replaceWith(element)
    there?.remove()
    // Pieces of one stroke lie at one height; then their ids tell the order, here as in the database.
    const above = ({ dataset }) =>
      Number(dataset.z) > z || (Number(dataset.z) === z && dataset.item > element.dataset.item)
    let before = this.items.lastElementChild
    while (before && above(before)) before = before.previousElementSibling
    before ? before.after(element) : this.items.prepend(element)
  }
}

const outermost = ({ dataset }) => dataset.groups?.split(" ").at(-1)

// The place of an item as Ruby gave it: page units and degrees.
export function boxOf(element) {
  const [x, y, width, height, angle] = element.dataset.box.split(" ").map(Number)
  return { x, y, width, height, angle }
}
