// The dotted frame around what is chosen, and its handles.
import { Part } from "surface/part"
import { CORNERS } from "surface/geometry"
import { make } from "surface/svg"
import { LabelBar } from "board/arranging/label_bar"

const SIDES = { w: [0, 0.5], e: [1, 0.5] }
const MARGIN = 8 // pixels between a thing and its frame
const STALK = 40 // pixels from the frame to the handle that rotates
const TOUCH = 22 // pixels around a handle that belong to it

export class Frame extends Part {
  static needs = ["surface", "choice", "facts"]

  constructor(parts, layer, bar) {
    super(parts)
    this.layer = layer
    this.bar = new LabelBar(parts, bar)
  }

  // box: of what is chosen, null for nothing; moved: [dx, dy] that it is being carried; pulling: by a handle.
  draw(box, { moved, pulling }) {
    this.layer.querySelectorAll("[data-frame]").forEach(element => element.remove())
    const bare = !box || Boolean(moved) || Boolean(pulling)
    this.bar.hide(bare)
    if (!box) return
    const { camera } = this.surface,
      { scale } = camera.view
    const [left, top] = camera.toScreen(box.x + (moved?.[0] ?? 0), box.y + (moved?.[1] ?? 0))
    const [width, height] = [box.width * scale + 2 * MARGIN, box.height * scale + 2 * MARGIN]
    const group = make("g", {
      "data-frame": "",
      transform: `translate(${left - MARGIN} ${top - MARGIN}) rotate(${box.angle} ${width / 2} ${height / 2})`
    })
    group.append(make("rect", { class: "frame", width, height, rx: 4 }))
    if (!moved) this.handles(group, width, height)
    this.layer.append(group)
    if (!bare) this.bar.place(box)
  }

  handles(group, width, height) {
    const data = this.choice.data(),
      { kinds } = this.facts
    if (data.some(({ pinned, edge }) => pinned || edge)) return
    const [only] = data.length === 1 ? data : []
    if (only?.knots) this.knots(only)
    if (only && kinds[only.kind].by_knots) return
    const places = { ...CORNERS, ...(data.every(({ written }) => written) ? SIDES : {}) }
    group.append(make("line", { class: "stalk", x1: width / 2, y1: 0, x2: width / 2, y2: -STALK + 8 }))
    this.handle(group, "turn", width / 2, -STALK)
    for (const [name, [across, down]] of Object.entries(places)) this.handle(group, name, across * width, down * height)
  }

  handle(group, name, x, y) {
    group.append(make("circle", { class: "touch", cx: x, cy: y, r: TOUCH, "data-handle": name }))
    group.append(make("circle", { class: "handle", cx: x, cy: y, r: 8, "data-handle": name }))
  }

  // Ends, handles and corners, each to be pulled by itself.
  knots(dataset) {
    const group = make("g", { "data-frame": "" })
    const places = knotsOf(dataset).map(point => this.surface.camera.toScreen(...point))
    if (dataset.kind === "curve") {
      for (const [a, b] of [
        [0, 1],
        [3, 2]
      ])
        group.append(
          make("line", { class: "stalk", x1: places[a][0], y1: places[a][1], x2: places[b][0], y2: places[b][1] })
        )
    }
    places.forEach(([x, y], index) => {
      group.append(make("circle", { class: "touch", cx: x, cy: y, r: TOUCH, "data-handle": `knot-${index}` }))
      group.append(
        make("rect", {
          class: "knot",
          x: x - 7,
          y: y - 7,
          width: 14,
          height: 14,
          transform: `rotate(45 ${x} ${y})`,
          "data-handle": `knot-${index}`
        })
      )
    })
    queueMicrotask(() => this.layer.append(group)) // above the frame
  }
}

export const knotsOf = ({ knots }) => knots.split(" ").map(point => point.split(",").map(Number))
