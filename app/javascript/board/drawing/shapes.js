// The shapes a drag can draw, by the names of their buttons: the kind of item each becomes, what it
// says about itself, and how it looks while it is dragged. box: { x, y, width, height } in page units.
const outline = places => ({
  element: "path",
  attributes: { d: `M${places.map(place => place.join(" ")).join("L")}Z` }
})
const inBox = ({ x, y, width, height }, shares) =>
  shares.map(([across, down]) => [x + across * width, y + down * height])

// Corners as shares of the box, stretched to fill it: only to be seen while dragging, the core makes its own.
function regular(sides) {
  const around = Array.from({ length: sides }, (_, corner) => [
    Math.sin((2 * Math.PI * corner) / sides),
    -Math.cos((2 * Math.PI * corner) / sides)
  ])
  return fill(around)
}

function star(tips, depth = 0.45) {
  return fill(
    Array.from({ length: 2 * tips }, (_, corner) => {
      const reach = corner % 2 ? depth : 1
      return [reach * Math.sin((Math.PI * corner) / tips), -reach * Math.cos((Math.PI * corner) / tips)]
    })
  )
}

function fill(places) {
  const [xs, ys] = [0, 1].map(axis => places.map(place => place[axis]))
  const [left, right, top, bottom] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)]
  return places.map(([x, y]) =>
    [x, y].map(
      (value, axis) => Math.round((axis ? (value - top) / (bottom - top) : (value - left) / (right - left)) * 1e4) / 1e4
    )
  )
}

const polygon = (corners, values = { corners }) => ({
  kind: "polygon",
  closed: true,
  values: () => values,
  preview: box => outline(inBox(box, corners))
})
const segment = (kind, values = {}) => ({ kind, closed: false, values: () => values })

// shapes(options) with options: { sides, tips } as the tray has them.
export const shapes = options => ({
  rectangle: {
    kind: "rectangle",
    closed: true,
    values: () => ({}),
    preview: box => ({ element: "rect", attributes: box })
  },
  ellipse: {
    kind: "ellipse",
    closed: true,
    values: () => ({}),
    preview: ({ x, y, width, height }) => ({
      element: "ellipse",
      attributes: { cx: x + width / 2, cy: y + height / 2, rx: width / 2, ry: height / 2 }
    })
  },
  triangle: polygon([
    [0.5, 0],
    [1, 1],
    [0, 1]
  ]),
  right_triangle: polygon([
    [0, 0],
    [1, 1],
    [0, 1]
  ]),
  diamond: polygon([
    [0.5, 0],
    [1, 0.5],
    [0.5, 1],
    [0, 0.5]
  ]),
  polygon: polygon(regular(options.sides), { sides: options.sides }),
  star: {
    kind: "star",
    closed: true,
    values: () => ({ tips: options.tips }),
    preview: box => outline(inBox(box, star(options.tips)))
  },
  callout: {
    kind: "callout",
    closed: true,
    values: () => ({ text: "" }),
    writes: true,
    preview: box =>
      outline(
        inBox(box, [
          [0, 0],
          [1, 0],
          [1, 1],
          [0.35, 1],
          [0.2, 1.45],
          [0.15, 1],
          [0, 1]
        ])
      )
  },
  line: segment("line"),
  arrow: segment("arrow"),
  double_arrow: segment("arrow", { heads: "both" }),
  curve: { kind: "curve", closed: false, values: () => ({}), bends: true }
})

export const SHAPES = Object.keys(shapes({ sides: 6, tips: 5 }))
