import test from "node:test"
import assert from "node:assert/strict"
import { rests } from "./support/things.mjs"

globalThis.location = { pathname: "/teach" }
globalThis.history = { replaceState() {} }
const { Turning } = await import("board/pages/turning")

const PAGES = [1, 2, 3].map(id => ({ id, minutes: 5, paper: "plain", measures: {}, colour: "#ffffff" }))

// A board in Teach on page 1, whose pages come when the test lets them.
function board() {
  const entries = [],
    wanted = []
  const surface = {
    page: 1,
    sitting: 7,
    mode: "teach",
    camera: { watch() {}, turn() {} },
    events: { emit() {} },
    view: { all: () => [], ground: { innerHTML: "" } },
    outbox: { entries },
    load() {},
    announce() {},
    do(operation) {
      entries.push({ operation })
      return `turn-${entries.length}`
    }
  }
  const turning = new Turning({ surface, state: {}, contacts: {}, choice: {} }, PAGES)
  turning.ahead = () => {}
  turning.fetch = page => new Promise(done => wanted.push(() => done({ page, can: {}, style: {} })))
  const arrives = () => (wanted.shift()(), rests())
  const hears = (page, operation) => turning.hears(operation) && turning.to(page, { told: true })
  return { turning, surface, entries, arrives, hears }
}

test("another's turn is followed", async () => {
  const { turning, surface, arrives, hears } = board()
  hears(3, "hers")
  await arrives()
  assert.equal(surface.page, 3)
  assert.equal(turning.own.length, 0, "and is not told as a turn of this board")
})

test("this board's own turn, told late, does not take back the one that is being fetched", async () => {
  const { turning, surface, entries, arrives, hears } = board()
  turning.to(2)
  await arrives()
  entries.length = 0 // it has been kept
  turning.to(1)
  hears(2, "turn-1")
  await arrives()
  assert.equal(surface.page, 1)
})

test("while a turn of this board is on its way, another's does not count", async () => {
  const { turning, surface, arrives, hears } = board()
  turning.to(2)
  hears(3, "hers")
  await arrives()
  hears(3, "hers")
  assert.equal(surface.page, 2)
})

test("of two that are told while the first is fetched, the second counts", async () => {
  const { surface, arrives, hears } = board()
  hears(3, "hers")
  hears(2, "hers too")
  await arrives()
  await arrives()
  assert.equal(surface.page, 2)
})
