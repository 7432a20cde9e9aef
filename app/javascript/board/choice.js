// What is chosen in Arrange: the dotted frame, its handles, and the label bar under it. Shows and
// collects; where things end up is computed by the core.
import { Carry, round } from "board/carry"
import { inside } from "board/inside"
import { boxOf } from "shared/page_view"

const SVG = "http://www.w3.org/2000/svg"
const CORNERS = { nw: [0, 0], ne: [1, 0], se: [1, 1], sw: [0, 1] }
const SIDES = { w: [0, 0.5], e: [1, 0.5] }
const EVEN = ["text", "note", "tile", "callout", "picture", "video", "activity", "formula", "set_square"]
const BY_KNOTS = ["line", "arrow", "curve"] // what has only its knots for handles
const MARGIN = 8 // pixels between a thing and its frame
const TURN = 40

export class Choice {
  constructor(board, layer, bar) {
    Object.assign(this, { board, layer, bar, chosen: new Set() })
    board.camera.watch(() => this.draw())
  }

  get size() { return this.chosen.size }
  has(id) { return this.chosen.has(id) }
  ids() { return [...this.chosen] }
  elements() { return this.ids().map(id => this.board.view.find(id)).filter(Boolean) }

  // What belongs to a group is chosen with its group; `alone` goes inside it.
  only(...ids) { this.set(ids.flatMap(id => this.mates(id))) }
  alone(id) { this.set([id]) }
  clear() { if (this.size) this.set([]) }
  toggle(id) { const mates = this.mates(id); this.set(this.has(id) ? this.ids().filter(one => !mates.includes(one)) : [...this.ids(), ...mates]) }
  all() { this.set(this.board.view.all().map(({ dataset }) => dataset.item)) }

  set(ids) {
    this.chosen = new Set(ids)
    this.board.store.hideLooks()
    this.draw()
    this.board.chosen.show()
  }

  mates(id) {
    const element = this.board.view.find(id)
    return element ? this.board.view.mates(element).map(({ dataset }) => dataset.item) : [id]
  }

  // After patches: what is gone is no longer chosen.
  refresh() {
    this.moved = null
    for (const id of this.ids()) if (!this.board.view.find(id)) this.chosen.delete(id)
    this.draw()
    this.board.chosen.changed()
  }

  // A lasso: everything whose middle and most of whose corners lie in the loop that was drawn.
  loop(origin, place) {
    this.lasso ??= { places: [origin], line: this.layer.appendChild(document.createElementNS(SVG, "path")) }
    this.lasso.places.push(place)
    this.lasso.line.setAttribute("class", "marquee")
    this.lasso.line.setAttribute("d", `M${this.lasso.places.map(one => this.board.camera.toScreen(...one).join(" ")).join("L")}Z`)
  }

  inLoop(add) {
    const { places } = this.lasso
    this.drop()
    const found = this.board.view.all().filter(element => {
      const box = boxOf(element)
      return inside(places, this.corner(box, [0.5, 0.5])) && Object.values(CORNERS).filter(share => inside(places, this.corner(box, share))).length > 2
    }).map(element => element.dataset.item)
    this.only(...(add ? this.ids() : []), ...found)
  }

  frame(from, to) {
    const [[x, y], [right, bottom]] = this.sorted(from, to).map(point => this.board.camera.toScreen(...point))
    this.marquee ??= this.layer.appendChild(document.createElementNS(SVG, "rect"))
    const shown = { class: "marquee", x, y, width: right - x, height: bottom - y }
    for (const [name, value] of Object.entries(shown)) this.marquee.setAttribute(name, value)
  }

  // Everything whose place lies inside the frame that was drawn.
  within(from, to, add) {
    this.drop()
    const [[left, top], [right, bottom]] = this.sorted(from, to)
    const found = this.board.view.all().filter(element => {
      const { x, y, width, height } = boxOf(element)
      return x >= left && y >= top && x + width <= right && y + height <= bottom
    }).map(element => element.dataset.item)
    this.only(...(add ? this.ids() : []), ...found)
  }

  drop() {
    this.pulling?.outline?.remove()
    this.marquee?.remove()
    this.lasso?.line.remove()
    this.marquee = this.lasso = this.pulling = this.moved = null
    this.draw()
  }

  sorted([ax, ay], [bx, by]) { return [[Math.min(ax, bx), Math.min(ay, by)], [Math.max(ax, bx), Math.max(ay, by)]] }

  // While things are carried the frame goes with them.
  follow(by) { this.moved = by; this.draw() }

  // The frame: one thing's own turned box, or the upright box around several.
  box() {
    const boxes = this.elements().map(boxOf)
    if (!boxes.length) return null
    return boxes.length === 1 ? boxes[0] : { ...this.bounds(), angle: 0 }
  }

  // The upright box around all of it.
  bounds() {
    const corners = this.elements().map(boxOf).flatMap(box => Object.values(CORNERS).map(share => this.corner(box, share)))
    const xs = corners.map(([x]) => x), ys = corners.map(([, y]) => y), [x, y] = [Math.min(...xs), Math.min(...ys)]
    return { x, y, width: Math.max(...xs) - x, height: Math.max(...ys) - y }
  }

  corner({ x, y, width, height, angle }, [across, down]) {
    const turn = angle * Math.PI / 180, [dx, dy] = [(across - 0.5) * width, (down - 0.5) * height]
    return [x + width / 2 + dx * Math.cos(turn) - dy * Math.sin(turn), y + height / 2 + dx * Math.sin(turn) + dy * Math.cos(turn)]
  }

  draw() {
    this.layer.querySelectorAll("[data-frame]").forEach(element => element.remove())
    const box = this.box()
    this.bar.hidden = !box || Boolean(this.moved) || Boolean(this.pulling)
    if (!box) return
    const { scale } = this.board.camera.view
    const [sx, sy] = this.board.camera.toScreen(box.x + (this.moved?.[0] ?? 0), box.y + (this.moved?.[1] ?? 0))
    const [width, height] = [box.width * scale + 2 * MARGIN, box.height * scale + 2 * MARGIN]
    const group = document.createElementNS(SVG, "g")
    group.dataset.frame = ""
    group.setAttribute("transform", `translate(${sx - MARGIN} ${sy - MARGIN}) rotate(${box.angle} ${width / 2} ${height / 2})`)
    this.add(group, "rect", { class: "frame", width, height, rx: 4 })
    if (!this.moved) this.handles(group, width, height)
    this.layer.append(group)
    if (!this.bar.hidden) this.placeBar(box)
  }

  handles(group, width, height) {
    if (this.elements().some(({ dataset }) => dataset.pinned || dataset.edge)) return
    const [only] = this.size === 1 ? this.elements() : []
    if (only?.dataset.knots) this.knots(only)
    if (BY_KNOTS.includes(only?.dataset.kind)) return
    const places = { ...CORNERS, ...(this.allWritten() ? SIDES : {}) }
    this.add(group, "line", { class: "stalk", x1: width / 2, y1: 0, x2: width / 2, y2: -TURN + 8 })
    this.handle(group, "turn", width / 2, -TURN)
    for (const [name, [across, down]] of Object.entries(places)) this.handle(group, name, across * width, down * height)
  }

  // Ends, handles and corners, each to be pulled by itself.
  knots(element) {
    const group = document.createElementNS(SVG, "g")
    group.dataset.frame = ""
    const places = knotsOf(element).map(place => this.board.camera.toScreen(...place))
    if (element.dataset.kind === "curve") for (const [a, b] of [[0, 1], [3, 2]]) this.add(group, "line", { class: "stalk", x1: places[a][0], y1: places[a][1], x2: places[b][0], y2: places[b][1] })
    places.forEach(([x, y], index) => {
      this.add(group, "circle", { class: "touch", cx: x, cy: y, r: 22, "data-handle": `knot-${index}` })
      this.add(group, "rect", { class: "knot", x: x - 7, y: y - 7, width: 14, height: 14, transform: `rotate(45 ${x} ${y})`, "data-handle": `knot-${index}` })
    })
    queueMicrotask(() => this.layer.append(group)) // above the frame
  }

  handle(group, name, x, y) {
    this.add(group, "circle", { class: "touch", cx: x, cy: y, r: 22, "data-handle": name })
    this.add(group, "circle", { class: "handle", cx: x, cy: y, r: 8, "data-handle": name })
  }

  add(group, name, attributes) {
    const element = document.createElementNS(SVG, name)
    for (const [key, value] of Object.entries(attributes)) element.setAttribute(key, value)
    group.append(element)
  }

  allWritten() { return this.elements().every(element => element.dataset.written) }

  // Which verbs fit what is chosen, by the names on the label bar.
  fits() {
    const elements = this.elements(), all = test => elements.every(({ dataset }) => test(dataset))
    const pinned = all(({ pinned }) => pinned)
    return { pin: !pinned, unpin: pinned, on: all(({ cover }) => cover === "off"), off: all(({ cover, edge }) => cover === "on" && !edge), one: this.size === 1 && all(({ written, formula }) => written || formula), sized: all(({ written, formula }) => written || formula), look: elements.some(({ dataset }) => dataset.paints),
      tidy: all(({ kind }) => kind === "ink"), whole: all(({ rubbed }) => rubbed), crop: this.size === 1 && all(({ kind, pinned }) => kind === "picture" && pinned !== "all"), plays: this.size === 1 && all(({ plays, framed }) => plays || framed) }
  }

  // Under the frame; over it only where the screen ends.
  placeBar(box) {
    const fits = this.fits()
    for (const part of this.bar.querySelectorAll("[data-for]")) part.hidden = !fits[part.dataset.for]
    const corners = Object.values(CORNERS).map(share => this.board.camera.toScreen(...this.corner(box, share)))
    const low = Math.max(...corners.map(([, y]) => y)) + 24, high = Math.min(...corners.map(([, y]) => y)) - TURN - 20
    const middle = (Math.min(...corners.map(([x]) => x)) + Math.max(...corners.map(([x]) => x))) / 2
    const { clientWidth, clientHeight } = this.board.stage
    const { offsetWidth, offsetHeight } = this.bar
    const floor = clientHeight - Number(this.board.stage.dataset.inset.split(" ")[3]) + 16
    const top = low + offsetHeight <= floor ? low : Math.max(8, high - offsetHeight)
    this.bar.style.left = `${this.board.camera.beside(middle - offsetWidth / 2, offsetWidth)}px`
    this.bar.style.top = `${top}px`
    // What opens from the bar opens to where there is room.
    this.bar.toggleAttribute("data-low", top > clientHeight * 0.45)
    this.bar.toggleAttribute("data-right", middle > clientWidth * 0.6)
  }

  // A handle is gripped: what it pulls against stays where it is.
  grip(contact) {
    if (contact.handle.startsWith("knot-")) return this.gripKnot(contact)
    const box = this.box()
    const [across, down] = { ...CORNERS, ...SIDES }[contact.handle] ?? [0.5, 0.5]
    const turning = contact.handle === "turn"
    this.pulling = { box, turning, carry: new Carry(this.board.view, this.elements()), side: contact.handle.length === 1, about: this.corner(box, turning ? [0.5, 0.5] : [1 - across, 1 - down]),
      from: this.corner(box, [across, down]), even: this.elements().some(element => EVEN.includes(element.dataset.kind)) }
    this.bar.hidden = true
  }

  pull(contact) {
    const { pulling } = this
    if (!pulling) return
    if (pulling.knots) return this.pullKnot(contact, pulling)
    pulling.turning ? this.turn(contact, pulling) : this.stretch(contact, pulling)
  }

  turn({ page, shift }, pulling) {
    const { box, about: [x, y] } = pulling
    let angle = Math.atan2(page[1] - y, page[0] - x) * 180 / Math.PI + 90 - box.angle
    const whole = Math.round((box.angle + angle) / 15) * 15 - box.angle
    if (shift || Math.abs(whole - angle) < 2) angle = whole
    pulling.angle = round(((angle + 540) % 360) - 180)
    pulling.carry.show(`rotate(${pulling.angle} ${x} ${y})`)
  }

  stretch({ page, origin, shift }, pulling) {
    const { box, about, from, side } = pulling
    const turn = -box.angle * Math.PI / 180
    const along = ([x, y]) => [x * Math.cos(turn) - y * Math.sin(turn), x * Math.sin(turn) + y * Math.cos(turn)]
    const was = along([from[0] - about[0], from[1] - about[1]])
    const now = along([from[0] + page[0] - origin[0] - about[0], from[1] + page[1] - origin[1] - about[1]])
    let factors = was.map((size, axis) => Math.abs(size) < 1 ? 1 : Math.max(0.05, now[axis] / size))
    if (side) factors = [factors[0], 1]
    else if (pulling.even !== shift) {
      const larger = Math.max(...factors.filter((_, axis) => Math.abs(was[axis]) >= 1), 0.05)
      factors = [larger, larger]
    }
    pulling.factors = factors.map(factor => Math.round(factor * 1e5) / 1e5)
    const [x, y] = about
    pulling.carry.show(`translate(${x} ${y}) rotate(${box.angle}) scale(${pulling.factors.join(" ")}) rotate(${-box.angle}) translate(${-x} ${-y})`)
  }

  release() {
    const { pulling } = this
    this.pulling = null
    if (!pulling) return
    if (pulling.knots) return this.releaseKnot(pulling)
    const about = pulling.about.map(round)
    if (pulling.turning && pulling.angle) this.board.do({ verb: "rotate", ids: pulling.carry.ids, about, angle: pulling.angle })
    else if (pulling.factors) this.board.do({ verb: "scale", ids: pulling.carry.ids, about, by: pulling.factors, angle: round(pulling.box.angle) })
    else this.draw()
  }

  gripKnot(contact) {
    const [element] = this.elements()
    this.pulling = { knots: knotsOf(element), knot: Number(contact.handle.split("-")[1]), element }
    this.bar.hidden = true
  }

  // While it is pulled only the new form is outlined; the core draws it.
  pullKnot({ page }, pulling) {
    pulling.to = page
    const places = pulling.knots.map((place, index) => index === pulling.knot ? page : place)
    pulling.outline ??= this.board.previews.appendChild(document.createElementNS(SVG, "path"))
    for (const [name, value] of Object.entries({ class: "outline", d: form(pulling.element, places) })) pulling.outline.setAttribute(name, value)
  }

  releaseKnot({ element, knot, to, outline }) {
    if (!to) return this.draw()
    const id = element.dataset.item
    this.board.hold(id, outline)
    this.board.do({ verb: "bend", ids: [id], knot, to: to.map(round) })
  }
}

const knotsOf = element => element.dataset.knots.split(" ").map(place => place.split(",").map(Number))

// The outline that knots make, by kind.
function form(element, places) {
  const words = places.map(place => place.join(" "))
  const { x, y, width, height } = boxOf(element)
  return { curve: () => `M${words[0]}C${words.slice(1).join(" ")}`, polygon: () => `M${words.join("L")}Z`, callout: () => `M${x + width / 2} ${y + height / 2}L${words[0]}` }[element.dataset.kind]?.() ?? `M${words.join("L")}`
}
