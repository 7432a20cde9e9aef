import test from "node:test"
import assert from "node:assert/strict"
import { Snap } from "surface/snap"

// Without a screen: what is drawn is noted.
function snap(guides, { scale = 1 } = {}) {
  const made = Object.create(Snap.prototype),
    drawn = []
  Object.defineProperty(made, "surface", { value: { camera: { view: { scale }, toScreen: (x, y) => [x, y] } } })
  Object.assign(made, {
    guides,
    box: { x: 0, y: 0, width: 100, height: 50 },
    layer: { replaceChildren() {} },
    line: (...line) => drawn.push(line),
    drawn
  })
  return made
}

const guide = (by, more = {}) => ({ by, lines: [[by, 0, 50]], ...more })

test("nothing is known yet: the hand's own way", () => assert.deepEqual(snap(null).apply([3, 4], false), [3, 4]))

test("the nearest guide of each axis wins, and is shown", () => {
  const made = snap({ across: [guide(100), guide(103)], down: [] })
  assert.deepEqual(made.apply([102, 4], false), [103, 4])
  assert.equal(made.drawn.length, 1)
})

test("of two that are equally near the first, which is the better kind", () => {
  assert.deepEqual(snap({ across: [guide(100), guide(104)], down: [] }).apply([102, 0], false), [100, 0])
})

test("beyond seven pixels nothing snaps, whatever the zoom", () => {
  assert.deepEqual(snap({ across: [guide(100)], down: [] }).apply([108, 0], false), [108, 0])
  assert.deepEqual(snap({ across: [guide(100)], down: [] }, { scale: 0.5 }).apply([108, 0], false), [100, 0])
})

test("a held key switches it off", () =>
  assert.deepEqual(snap({ across: [guide(100)], down: [] }).apply([101, 0], true), [101, 0]))

test("gaps count only beside the things they are between", () => {
  const gap = guide(100, { within: [0, 40] })
  assert.deepEqual(snap({ across: [gap], down: [] }).apply([101, 20], false), [100, 20])
  assert.deepEqual(snap({ across: [gap], down: [] }).apply([101, 60], false), [101, 60])
})
