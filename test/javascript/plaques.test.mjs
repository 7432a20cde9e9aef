import { test } from "node:test"
import assert from "node:assert/strict"

globalThis.document ??= { querySelector: () => null }
const { clockWords } = await import("shared/plaques")

test("a clock says minutes and seconds, and hours where there are any", () => {
  assert.deepEqual([0, 7, 65, 599, 3600, 86_399].map(clockWords), [
    "0:00",
    "0:07",
    "1:05",
    "9:59",
    "1:00:00",
    "23:59:59"
  ])
})
