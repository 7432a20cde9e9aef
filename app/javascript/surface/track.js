// How far a thing on a track goes while it is dragged, along the points that the core sampled
// (data-track). Only for the frame on screen: where it ends up, the core says.
import { boxOf } from "surface/view"
import { inside, nearestOn } from "surface/geometry"

// element: an item; shift: [dx, dy] of the hand in page units. Answers with the same for the thing.
export function held(element, [dx, dy]) {
  const [kind, ...rest] = (element.dataset.track ?? "").split(" ")
  return KINDS[kind]?.(element, dx, dy, rest) ?? [dx, dy]
}

// By the names of the core's kinds (page/tracks).
const KINDS = {
  sideways: (_, dx) => [dx, 0],
  up_and_down: (_, __, dy) => [0, dy],
  within: (element, dx, dy, limits) => {
    const { x, y } = boxOf(element),
      [left, right, top, bottom] = limits.map(Number)
    return [clamp(x + dx, left, right) - x, clamp(y + dy, top, bottom) - y]
  },
  path: onto,
  area: (element, dx, dy, rest) => {
    const [x, y] = middle(element, rest)
    return inside(points(rest), [x + dx, y + dy]) ? [dx, dy] : onto(element, dx, dy, rest)
  }
}

const clamp = (value, from, to) => Math.min(to, Math.max(from, value))
const pair = words => words.split(",").map(Number)
const points = ([, , ...list]) => list.map(pair)

// The middle of a thing, or of all it belongs together with.
function middle(element, [, offset]) {
  const { x, y, width, height } = boxOf(element),
    [across, down] = pair(offset)
  return [x + width / 2 - across, y + height / 2 - down]
}

// To the nearest point of the polyline.
function onto(element, dx, dy, rest) {
  const [x, y] = middle(element, rest),
    to = [x + dx, y + dy],
    line = points(rest)
  if (rest[0] === "1") line.push(line[0])
  let best = { point: line[0], distance: Infinity }
  for (let index = 1; index < line.length; index++) {
    const nearest = nearestOn(line[index - 1], line[index], to)
    if (nearest.distance < best.distance) best = nearest
  }
  return [best.point[0] - x, best.point[1] - y]
}
