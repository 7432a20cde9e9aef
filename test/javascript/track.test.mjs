import test from "node:test"
import assert from "node:assert/strict"
import { held } from "surface/track"
import { thing } from "./support/things.mjs"

test("without a track it goes with the hand", () => assert.deepEqual(held(thing(), [7, -3]), [7, -3]))

test("sideways, and up and down", () => {
  assert.deepEqual(held(thing({ track: "sideways" }), [7, -3]), [7, 0])
  assert.deepEqual(held(thing({ track: "up_and_down" }), [7, -3]), [0, -3])
})

test("within limits of its corner", () => {
  const cover = thing({ box: "10 10 100 50 0", track: "within 0 30 0 0" })
  assert.deepEqual(held(cover, [500, 99]), [20, -10])
  assert.deepEqual(held(cover, [-500, 0]), [-10, -10])
})

test("along a polyline its middle stays on the line, around corners too", () => {
  const bead = thing({ box: "-50 -25 100 50 0", track: "path 0 0,0 0,0 100,0 100,100" })
  assert.deepEqual(held(bead, [60, 20]), [60, 0])
  assert.deepEqual(held(bead, [140, 60]), [100, 60])
  assert.deepEqual(held(bead, [-40, 5]), [0, 0])
})

test("a closed line has a last side", () => {
  const bead = thing({ box: "-50 -25 100 50 0", track: "path 1 0,0 0,0 100,0 100,100" })
  assert.deepEqual(held(bead, [40, 45]).map(Math.round), [43, 43])
})

test("in an area it is free until the edge", () => {
  const boat = thing({ box: "0 0 20 20 0", track: "area 1 0,0 0,0 100,0 100,100 0,100" })
  assert.deepEqual(held(boat, [40, 30]), [40, 30])
  assert.deepEqual(held(boat, [400, 30]), [90, 30])
})
