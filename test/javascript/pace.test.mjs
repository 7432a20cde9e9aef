import test from "node:test"
import assert from "node:assert/strict"
import { Pace } from "media/pace"

function setup(state, since) {
  const clock = { now: 100 }
  const pace = new Pace(() => clock.now)
  pace.told(state, since)
  return { pace, clock }
}

test("a film that runs is due further on as time goes by, at its speed", () => {
  const { pace, clock } = setup({ at: 10, playing: true, rate: 1.5 }, 2)
  assert.equal(pace.due, 13)
  clock.now += 4
  assert.equal(pace.due, 19)
})

test("one that stands is due where it stands, to a twentieth of a second", () => {
  const { pace, clock } = setup({ at: 10, playing: false }, 30)
  clock.now += 60
  assert.equal(pace.jump(10.04), null)
  assert.equal(pace.jump(10.2), 10)
})

test("a little off is let be, much is jumped, and not again at once", () => {
  const { pace, clock } = setup({ at: 10, playing: true })
  assert.equal(pace.jump(9.7), null)
  assert.equal(pace.jump(4), 10)
  clock.now += 1
  assert.equal(pace.jump(4), null)
  clock.now += 2.5
  assert.equal(pace.jump(12), 15, "13.5 is due, and loading took 1.5 before")
})

test("it never jumps beyond the end, nor more than two seconds ahead", () => {
  const { pace, clock } = setup({ at: 10, playing: true })
  pace.jump(0)
  clock.now += 10
  assert.equal(pace.jump(2, 60), 22)
  clock.now += 100
  assert.equal(pace.jump(30, 60), 60)
  assert.equal(pace.jump(60, 60), null)
})

test("one that runs ahead comes back", () => {
  const { pace, clock } = setup({ at: 10, playing: true })
  assert.equal(pace.jump(20), 10)
  clock.now += 5
  assert.equal(pace.jump(18), 15)
})
