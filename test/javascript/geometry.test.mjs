import test from "node:test"
import assert from "node:assert/strict"
import { boundsOf, cornersOf, inside, nearestOn, pointOf, rotate, toLocal } from "surface/geometry"

const near = (actual, expected) =>
  actual.forEach((value, index) => assert.ok(Math.abs(value - expected[index]) < 1e-9, `${actual} is not ${expected}`))

test("a vector rotates clockwise, as the screen has it", () => {
  near(rotate([10, 0], 90), [0, 10])
  near(rotate([3, 4], 180), [-3, -4])
})

test("shares of a rotated box and back", () => {
  const box = { x: 100, y: 50, width: 200, height: 100, angle: 90 }
  near(pointOf(box, [0.5, 0.5]), [200, 100])
  near(pointOf(box, [0, 0]), [250, 0])
  near(toLocal(box, pointOf(box, [0.25, 0.75])), [50, 75])
})

test("the bounding box of rotated corners", () => {
  const bounds = boundsOf(cornersOf({ x: 0, y: 0, width: 200, height: 100, angle: 90 }))
  near([bounds.x, bounds.y, bounds.width, bounds.height], [50, -50, 100, 200])
})

test("inside a polygon, also one with a dent", () => {
  const dented = [
    [0, 0],
    [100, 0],
    [100, 100],
    [50, 40],
    [0, 100]
  ]
  assert.ok(inside(dented, [20, 20]))
  assert.ok(!inside(dented, [50, 80]))
  assert.ok(!inside(dented, [-1, 20]))
})

test("the nearest point of a segment is never beyond its ends", () => {
  const { point, share, distance } = nearestOn([0, 0], [10, 0], [14, 3])
  assert.deepEqual([point, share, distance], [[10, 0], 1, 5])
  assert.deepEqual(nearestOn([0, 0], [10, 0], [4, -2]).point, [4, 0])
  assert.deepEqual(nearestOn([5, 5], [5, 5], [8, 9]), { point: [5, 5], share: 0, distance: 5 })
})
