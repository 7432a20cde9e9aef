import test from "node:test"
import assert from "node:assert/strict"
import { Notice } from "device/notice"

function line() {
  const go = { dataset: { go: "" } },
    span = { textContent: "" }
  return { hidden: true, go, span, querySelector: selector => (selector === "span" ? span : go) }
}

test("what leads to the same place is said together, once each", () => {
  const shown = line(),
    notice = new Notice(shown)
  notice.add("A question.")
  notice.add("A page.")
  notice.add("A question.")
  assert.equal(shown.span.textContent, "A question. A page.")
  assert.equal(shown.hidden, false)
})

test("what leads elsewhere takes the place, and what is over is not said again", () => {
  const shown = line(),
    notice = new Notice(shown)
  notice.add("A page.")
  notice.add("An activity.", "7")
  assert.deepEqual([shown.span.textContent, shown.go.dataset.go], ["An activity.", "7"])
  notice.clear()
  assert.equal(shown.hidden, true)
  notice.add("A page.")
  assert.deepEqual([shown.span.textContent, shown.go.dataset.go], ["A page.", ""])
})
