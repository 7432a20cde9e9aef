import test from "node:test"
import assert from "node:assert/strict"
import { Again } from "shared/again"
import { rests } from "./support/things.mjs"

test("what did not come is tried again, once under each name, until it is done", async () => {
  const told = [],
    tried = []
  const again = new Again(waiting => told.push(waiting))
  again.later("page", () => tried.push("old"))
  again.later("page", () => tried.push("page"))
  again.later("poll", () => {
    tried.push("poll")
    again.done("poll")
  })
  await rests(1_100)
  assert.deepEqual(tried, ["page", "poll"])
  again.try() // as when the browser is back on the network
  assert.deepEqual(tried, ["page", "poll", "page"])
  again.done("page")
  assert.equal(told.at(-1), false)
  await rests(2_500)
  assert.equal(tried.length, 3)
})
