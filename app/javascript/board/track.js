// How far a thing on a track goes while it is dragged, along the places that the core sampled
// (data-track). Only for the frame on screen: where it ends up, the core says.
import { boxOf } from "shared/page_view"
import { inside } from "board/inside"

// element: an item; shift: [dx, dy] of the hand in page units. Answers with the same for the thing.
export function held(element, [dx, dy]) {
  const [kind, ...rest] = (element.dataset.track ?? "").split(" ")
  return KINDS[kind]?.(element, dx, dy, rest) ?? [dx, dy]
}

const KINDS = {
  sideways: (_, dx) => [dx, 0],
  up_and_down: (_, __, dy) => [0, dy],
  within: (element, dx, dy, limits) => {
    const { x, y } = boxOf(element), [left, right, top, bottom] = limits.map(Number)
    return [clamp(x + dx, left, right) - x, clamp(y + dy, top, bottom) - y]
  },
  path: (element, dx, dy, rest) => onto(element, dx, dy, rest),
  area: (element, dx, dy, rest) => {
    const [x, y] = middle(element, rest)
    return inside(places(rest), [x + dx, y + dy]) ? [dx, dy] : onto(element, dx, dy, rest)
  }
}

const clamp = (value, from, to) => Math.min(to, Math.max(from, value))
const pair = words => words.split(",").map(Number)
const places = ([, , ...list]) => list.map(pair)

// The middle of a thing, or of all it belongs together with.
function middle(element, [, offset]) {
  const { x, y, width, height } = boxOf(element), [across, down] = pair(offset)
  return [x + width / 2 - across, y + height / 2 - down]
}

// To the nearest place of the line.
function onto(element, dx, dy, rest) {
  const [x, y] = middle(element, rest), to = [x + dx, y + dy], line = places(rest)
  if (rest[0] === "1") line.push(line[0])
  let best = line[0], least = Infinity
  for (let index = 1; index < line.length; index++) {
    const [[ax, ay], [bx, by]] = [line[index - 1], line[index]]
    const [ux, uy] = [bx - ax, by - ay], square = ux * ux + uy * uy
    const t = square ? clamp(((to[0] - ax) * ux + (to[1] - ay) * uy) / square, 0, 1) : 0
    const place = [ax + ux * t, ay + uy * t], distance = (place[0] - to[0]) ** 2 + (place[1] - to[1]) ** 2
    if (distance < least) [best, least] = [place, distance]
  }
  return [best[0] - x, best[1] - y]
}
