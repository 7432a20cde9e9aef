import test from "node:test"
import assert from "node:assert/strict"
import { Film } from "take/film"
import { rests } from "./support/things.mjs"

const event = at => ({ at, kind: "patch" })
const CHUNKS = [
  {
    from: 0,
    until: 10_000,
    events: [event(100), event(9_000)],
    trail: [
      [50, 1, 5, 5],
      [9_500, 1, 8, 8]
    ]
  },
  { from: 10_000, until: 20_000, events: [event(10_000), event(15_000)], trail: [] }
]
const asked = []
const get = async ms => {
  asked.push(ms)
  return CHUNKS.find(({ from, until }) => ms >= from && ms < until)
}

test("what happens is told once and in order", async () => {
  const film = new Film(get)
  await film.to(0)
  assert.deepEqual(
    film.until(100).events.map(({ at }) => at),
    [100]
  )
  assert.deepEqual(film.until(8_000).events, [])
  assert.deepEqual(
    film.until(9_999).events.map(({ at }) => at),
    [9_000]
  )
})

test("beyond the chunk it waits until what follows is here, then goes on without a gap", async () => {
  const film = new Film(get)
  await film.to(0)
  assert.equal(film.until(10_500).reached, false)
  await film.ahead(9_000, 20_000)
  const { events, reached } = film.until(15_000)
  assert.equal(reached, true)
  assert.deepEqual(
    events.map(({ at }) => at),
    [10_000, 15_000]
  )
})

test("what follows is fetched once, when it is near, and not past the end", async () => {
  const film = new Film(get)
  await film.to(0)
  asked.length = 0
  await Promise.all([film.ahead(1_000, 20_000), film.ahead(5_000, 20_000), film.ahead(6_000, 20_000)])
  assert.deepEqual(asked, [10_000])
  film.until(12_000)
  await film.ahead(19_000, 20_000)
  assert.deepEqual(asked, [10_000])
})

test("gone elsewhere meanwhile, the earlier answer does not count", async () => {
  const slow = new Film(async ms => {
    await rests(ms ? 0 : 20)
    return CHUNKS[ms ? 1 : 0]
  })
  const [first, second] = await Promise.all([slow.to(0), slow.to(12_000)])
  assert.equal(first, null)
  assert.equal(second, CHUNKS[1])
  assert.equal(slow.chunk, CHUNKS[1])
})

test("a chunk that did not come is asked for again", async () => {
  let broken = true
  const film = new Film(async ms => {
    if (ms && broken) throw new Error("no network")
    return get(ms)
  })
  await film.to(0)
  await film.ahead(9_000, 20_000)
  broken = false
  await film.ahead(9_000, 20_000)
  assert.equal(film.until(11_000).reached, true)
})

test("the pointer is where it was last", async () => {
  const film = new Film(get)
  await film.to(0)
  assert.equal(film.pointer(20), null)
  assert.deepEqual(film.pointer(9_000), [50, 1, 5, 5])
})
