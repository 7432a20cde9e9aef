import test from "node:test"
import assert from "node:assert/strict"
import { matches, read } from "board/keys"

const press = (key, held = {}) => ({ key, ctrlKey: false, metaKey: false, altKey: false, shiftKey: false, ...held })
const hits = (keys, ...event) => read(keys).some(key => matches(key, press(...event)))

test("a letter, large or small", () => {
  assert.ok(hits("P", "p") && hits("P", "P", { shiftKey: true }))
  assert.ok(!hits("P", "p", { ctrlKey: true }) && !hits("P", "p", { altKey: true }))
})

test("Ctrl with and without Shift are two", () => {
  assert.ok(hits("Ctrl Z", "z", { ctrlKey: true }) && hits("Ctrl Z", "z", { metaKey: true }))
  assert.ok(!hits("Ctrl Z", "Z", { ctrlKey: true, shiftKey: true }))
  assert.ok(
    hits("Ctrl Shift Z, Ctrl Y", "Z", { ctrlKey: true, shiftKey: true }) &&
      hits("Ctrl Shift Z, Ctrl Y", "y", { ctrlKey: true })
  )
})

test("signs, wherever a layout has them", () => {
  assert.ok(hits("?", "?", { shiftKey: true }) && hits("+, =", "+", { shiftKey: true }) && hits("]", "]"))
})

test("arrows, with what is held", () => {
  assert.ok(hits("Arrows, Shift Arrows", "ArrowUp") && hits("Arrows, Shift Arrows", "ArrowLeft", { shiftKey: true }))
  assert.ok(!hits("Arrows", "ArrowUp", { altKey: true }) && hits("Alt Arrows", "ArrowUp", { altKey: true }))
  assert.ok(hits("Left, Up", "ArrowLeft") && !hits("Left, Up", "ArrowRight"))
})

test("keys with names", () => {
  assert.ok(hits("Esc", "Escape") && hits("Page Down", "PageDown") && hits("Tab, Shift Tab", "Tab", { shiftKey: true }))
  assert.ok(!hits("Tab", "Tab", { shiftKey: true }))
})
