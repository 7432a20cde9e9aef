// Points [x, y] and boxes { x, y, width, height, angle } in page units, degrees clockwise: only for what is on screen
// while a hand moves; what lasts is computed by the core.

export const round = number => Math.round(number * 100) / 100

// A vector rotated clockwise.
export function rotate([x, y], angle) {
  const turn = (angle * Math.PI) / 180
  return [x * Math.cos(turn) - y * Math.sin(turn), x * Math.sin(turn) + y * Math.cos(turn)]
}

// A point given in shares of a box, on the page.
export function pointOf({ x, y, width, height, angle = 0 }, [across, down]) {
  const [dx, dy] = rotate([(across - 0.5) * width, (down - 0.5) * height], angle)
  return [x + width / 2 + dx, y + height / 2 + dy]
}

// A point of the page in the coordinates of a box, from its top left corner.
export function toLocal({ x, y, width, height, angle = 0 }, [px, py]) {
  const [dx, dy] = rotate([px - x - width / 2, py - y - height / 2], -angle)
  return [dx + width / 2, dy + height / 2]
}

export const CORNERS = { nw: [0, 0], ne: [1, 0], se: [1, 1], sw: [0, 1] }

export const cornersOf = box => Object.values(CORNERS).map(share => pointOf(box, share))

// The bounding box of points.
export function boundsOf(points) {
  const xs = points.map(([x]) => x),
    ys = points.map(([, y]) => y)
  const x = Math.min(...xs),
    y = Math.min(...ys)
  return { x, y, width: Math.max(...xs) - x, height: Math.max(...ys) - y }
}

// Answers with a function that cuts a shift [dx, dy] so that what lies on the page stays on it: upright boxes that
// move together, and the page's { width, height }. What lies beyond an edge goes no further.
export function staying(boxes, { width, height }) {
  const { x, y, ...size } = boundsOf(boxes.flatMap(cornersOf))
  const cut = (by, from, to) => Math.min(Math.max(by, Math.min(from, 0)), Math.max(to, 0)) + 0 // not -0
  return ([dx, dy]) => [round(cut(dx, -x, width - x - size.width)), round(cut(dy, -y, height - y - size.height))]
}

// Whether a point lies inside a polygon, by the even-odd rule.
export const inside = (polygon, [x, y]) =>
  polygon.filter(([ax, ay], index) => {
    const [bx, by] = polygon[(index + 1) % polygon.length]
    return ay > y !== by > y && x < ((bx - ax) * (y - ay)) / (by - ay) + ax
  }).length %
    2 ===
  1

// The nearest point of the segment from a to b: { point, share, distance }.
export function nearestOn([ax, ay], [bx, by], [x, y]) {
  const dx = bx - ax,
    dy = by - ay,
    square = dx * dx + dy * dy
  const share = square ? Math.min(1, Math.max(0, ((x - ax) * dx + (y - ay) * dy) / square)) : 0
  const point = [ax + dx * share, ay + dy * share]
  return { point, share, distance: Math.hypot(point[0] - x, point[1] - y) }
}
