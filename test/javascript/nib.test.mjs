import test from "node:test"
import assert from "node:assert/strict"
import { LiveNib, TIP, strokeWidths } from "surface/nib"

const line = (count, step = 5, ms = 10) =>
  Array.from({ length: count }, (_, index) => [index * step, 0, null, index * ms])

test("an even nib is as broad as it is set", () => assert.deepEqual(strokeWidths(line(4), 7, "even"), [7, 7, 7, 7]))

test("a kept nib follows the pressure it was written with", () => {
  assert.deepEqual(
    strokeWidths(
      [
        [0, 0, 0.25, 0],
        [5, 0, 1, 5],
        [9, 0, null, 9]
      ],
      10,
      "kept"
    ),
    [5, 20, 10]
  )
})

test("a lively stroke tapers at both ends, one being written only at its start", () => {
  const points = line(40),
    done = strokeWidths(points, 6, "lively"),
    live = new LiveNib(6, "lively"),
    wet = points.map(point => live.next(point))
  assert.ok(done[0] < done[20] * (TIP + 0.2) && done.at(-1) < done[20] * (TIP + 0.2))
  assert.ok(wet.at(-1) > wet[20] * 0.9)
  for (let index = 10; index < 30; index++)
    assert.ok(Math.abs(done[index] - wet[index]) < 1e-9, "in between both are the same")
})

test("the faster the thinner", () => {
  const slow = strokeWidths(line(60, 5, 30), 6, "lively"),
    fast = strokeWidths(line(60, 5, 1), 6, "lively")
  assert.ok(fast[30] < slow[30])
})

test("pressure that is told counts instead of the speed", () => {
  const pressed = strokeWidths(
    line(60).map(([x, y, , ms]) => [x, y, 0.9, ms]),
    6,
    "lively"
  )
  assert.ok(Math.abs(pressed[30] - 6 * (0.4 + 1.2 * 0.9)) < 1e-9)
})

test("a dot is not thinner for having no length", () => {
  const [width] = strokeWidths([[3, 3, null, 0]], 6, "lively")
  assert.ok(width > 5)
})
