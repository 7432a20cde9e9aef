import { test, mock } from "node:test"
import assert from "node:assert/strict"

mock.timers.enable({ apis: ["setTimeout"] })
const heard = {}
globalThis.document = { addEventListener: (name, act) => (heard[name] = act) }
const { pressedIn, unpressed, watchPresses } = await import("shared/pressed")
watchPresses()

const button = { name: "button" },
  other = { name: "other" }
const room = { contains: element => element === button }
const touch = (name, pointerId, target) => heard[name]({ pointerId, target })

test("what nobody presses changes at once", () => {
  let done = 0
  unpressed(room, () => done++)
  assert.equal(done, 1)
})

test("what is pressed changes after the click of the press, each once and in order", () => {
  const done = []
  touch("pointerdown", 1, button)
  assert.ok(pressedIn(room))
  unpressed(room, () => done.push("first"))
  unpressed(room, () => done.push("second"))
  touch("pointerup", 1, button)
  assert.deepEqual(done, [], "its click has not come yet")
  mock.timers.tick(60)
  assert.deepEqual(done, ["first", "second"])
  touch("pointerdown", 1, button)
  touch("pointerup", 1, button)
  mock.timers.tick(60)
  assert.equal(done.length, 2)
})

test("a second finger in the same place is waited for too, one elsewhere is not", () => {
  let done = 0
  touch("pointerdown", 1, button)
  touch("pointerdown", 2, button)
  touch("pointerdown", 3, other)
  unpressed(room, () => done++)
  touch("pointercancel", 1, button)
  mock.timers.tick(60)
  assert.equal(done, 0)
  touch("pointerup", 2, button)
  mock.timers.tick(60)
  assert.equal(done, 1)
  touch("pointerup", 3, other)
  mock.timers.tick(60)
})

test("a pointer that nobody lifts is gone after a while", () => {
  let done = 0
  touch("pointerdown", 1, button)
  unpressed(room, () => done++)
  mock.timers.tick(3900)
  assert.equal(done, 0)
  mock.timers.tick(200)
  assert.equal(done, 1)
  assert.ok(!pressedIn(room))
})
