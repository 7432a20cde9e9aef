import test from "node:test"
import assert from "node:assert/strict"
import { rests } from "./support/things.mjs"

globalThis.window = new EventTarget()
const { Outbox } = await import("surface/outbox")
const { Refused, Unreachable } = await import("shared/net")

// A store that notes what it holds, and a board that notes what it is told.
function setting({ left = [], deliver } = {}) {
  const store = {
    held: [...left],
    left: async () => left,
    add(entry) {
      this.held.push(entry)
    },
    remove(gone) {
      this.held = this.held.filter(entry => !gone.includes(entry))
    },
    mark() {}
  }
  const told = [],
    heard = Object.fromEntries(
      ["kept", "refused", "lost", "changed", "signedOut"].map(name => [name, (...what) => told.push([name, ...what])])
    )
  const sent = [],
    answers = deliver ?? (() => ({ patches: [] }))
  const outbox = new Outbox(store, heard, async batch => {
    sent.push(batch.map(({ operation, to }) => operation?.verb ?? to))
    return answers(batch, sent.length)
  })
  return { outbox, store, told, sent, names: () => told.map(([name]) => name) }
}

const refused = (status, message = "no") => Object.assign(new Refused(message), { status })

test("operations go together, one request at a time, in their order", async () => {
  const { outbox, sent, store } = setting()
  for (const verb of ["put", "move", "remove"]) outbox.add(1, { verb })
  await rests(5)
  assert.deepEqual(sent.flat(), ["put", "move", "remove"])
  assert.equal(sent.length, 2) // the first was under way when the others came
  assert.equal(outbox.pending, 0)
  assert.deepEqual(store.held, [])
})

test("undo waits its turn, and other pages and layers are asked by themselves", async () => {
  const { outbox, sent } = setting()
  outbox.add(1, { verb: "first" })
  outbox.add(1, { verb: "a" })
  outbox.add(1, { verb: "b" }, { sitting: 4 })
  outbox.add(2, { verb: "c" }, { sitting: 4 })
  outbox.step(2, "undo", { sitting: 4 })
  outbox.add(2, { verb: "d" })
  await rests(5)
  assert.deepEqual(sent, [["first"], ["a"], ["b"], ["c"], ["undo"], ["d"]])
})

test("an unreachable server is tried again, with nothing lost and nothing out of order", async () => {
  const { outbox, sent, told, store } = setting({
    deliver: (_, turn) => {
      if (turn === 1) throw new Unreachable("no")
      return { patches: [] }
    }
  })
  outbox.add(1, { verb: "put" })
  await rests(5)
  outbox.add(1, { verb: "move" })
  assert.equal(store.held.length, 2)
  assert.deepEqual(told.filter(([name]) => name === "changed").at(-1), ["changed", "waiting", 1])
  await rests(1_100)
  assert.deepEqual(sent, [["put"], ["put", "move"]])
  assert.equal(outbox.pending, 0)
})

test("signed out it waits, and says so once", async () => {
  let signedIn = false
  const { outbox, names } = setting({
    deliver: () => {
      if (signedIn) return { patches: [] }
      throw refused(401)
    }
  })
  outbox.add(1, { verb: "put" })
  await rests(1_100)
  assert.equal(names().filter(name => name === "signedOut").length, 1)
  signedIn = true
  assert.equal(outbox.pending, 1)
})

test("a refusal is told and the rest goes on", async () => {
  const { outbox, told, sent } = setting({
    deliver: (batch, turn) =>
      turn === 2 ? { patches: [], refused: { id: batch[0].id, error: "too far" } } : { patches: [] }
  })
  for (const verb of ["first", "bad", "good"]) outbox.add(1, { verb })
  await rests(5)
  assert.deepEqual(sent, [["first"], ["bad", "good"], ["good"]])
  assert.equal(told.find(([name]) => name === "refused")[2].error, "too far")
})

test("a refused batch is told of one by one", async () => {
  const { outbox, names } = setting({
    deliver: () => {
      throw refused(422)
    }
  })
  outbox.add(1, { verb: "put" })
  outbox.add(1, { verb: "move" })
  await rests(5)
  assert.equal(names().filter(name => name === "refused").length, 2)
  assert.equal(outbox.pending, 0)
})

test("where the page is gone its entries lie aside, those of others go on", async () => {
  const { outbox, told, sent, store } = setting({
    deliver: ([{ page }]) => {
      if (page === 1) throw refused(404)
      return { patches: [] }
    }
  })
  for (const [page, verb] of [
    [1, "put"],
    [2, "other"],
    [1, "move"]
  ])
    outbox.add(page, { verb })
  await rests(5)
  const [, page, entries] = told.find(([name]) => name === "lost")
  assert.equal(page, 1)
  assert.deepEqual(
    entries.map(({ operation: { verb } }) => verb),
    ["put", "move"]
  )
  assert.deepEqual(sent, [["put"], ["other"]])
  assert.equal(store.held.length, 2)
  outbox.giveUp(entries)
  assert.equal(store.held.length, 0)
})

test("entries that lay aside are sent once their page is back", async () => {
  let gone = true
  const { outbox, told, sent } = setting({
    deliver: () => {
      if (gone) throw refused(404)
      return { patches: [] }
    }
  })
  outbox.add(1, { verb: "put" })
  await rests(5)
  gone = false
  outbox.again(told.find(([name]) => name === "lost")[2])
  await rests(5)
  assert.deepEqual(sent, [["put"], ["put"]])
  assert.equal(outbox.pending, 0)
})

test("what another tab left behind is sent first", async () => {
  const { outbox, sent } = setting({ left: [{ id: "old", page: 1, to: "operations", operation: { verb: "left" } }] })
  await outbox.ready
  outbox.add(1, { verb: "new" })
  await rests(5)
  assert.deepEqual(sent.flat(), ["left", "new"])
})
