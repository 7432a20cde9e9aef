import test from "node:test"
import assert from "node:assert/strict"
import { sharp } from "surface/turns"
import { staying } from "surface/geometry"
import { dark } from "board/pens"

test("a turn of over 40 degrees that smoothing would miss is sharp, as in the core", () => {
  assert.equal(sharp([0, 0], [100, 0], [0, 1]), true)
  assert.equal(sharp([0, 0], [100, 0], [100, 100]), true)
  assert.equal(sharp([0, 0], [100, 0], [200, 60]), false)
  assert.equal(sharp([0, 0], [2, 0], [2, 2]), false, "a shaking hand")
})

test("what moves together stays on the page, and what lies beyond an edge goes no further", () => {
  const page = { width: 1600, height: 900 }
  const box = (x, y) => ({ x, y, width: 100, height: 50, angle: 0 })
  const both = staying([box(0, 100), box(300, 100)], page)
  assert.deepEqual(both([-50, -500]), [0, -100])
  assert.deepEqual(both([5000, 20]), [1200, 20])
  assert.deepEqual(staying([box(1700, 100)], page)([100, 0]), [0, 0])
  assert.deepEqual(staying([box(1700, 100)], page)([-300, 0]), [-300, 0])
})

test("white is read on dark paper", () => {
  assert.deepEqual(["#22313a", "#231a1e", "#ffffff", "#f7dfa6"].map(dark), [true, true, false, false])
})
