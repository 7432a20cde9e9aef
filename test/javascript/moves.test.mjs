import test from "node:test"
import assert from "node:assert/strict"
import { rests } from "./support/things.mjs"

globalThis.window = new EventTarget()
const kept = new Map()
globalThis.localStorage = {
  getItem: key => kept.get(key) ?? null,
  setItem: (key, value) => kept.set(key, value),
  removeItem: key => kept.delete(key)
}
const { Moves } = await import("players/moves")
const { Refused, Unreachable } = await import("shared/net")

// A go whose moves are answered as the test says; notes what is shown and told.
function go(answer = () => "<p>", name = `go-${Math.random()}`) {
  const told = [],
    sent = []
  const heard = Object.fromEntries(
    ["show", "answered", "refused", "waiting"].map(what => [what, given => told.push([what, given])])
  )
  const moves = new Moves(name, "/attempts/1/moves", heard, async (method, address, body) => {
    sent.push([method, address, body])
    return answer(sent.length, method)
  })
  return { moves, told, sent, name }
}

const shown = told => told.filter(([what]) => what === "show").map(([, move]) => move.piece)

test("moves are sent one after the other, each with an id of its own, and forgotten once they are answered", async () => {
  const { moves, sent, name } = go()
  moves.add({ piece: "p1" })
  moves.add({ piece: "p2" })
  assert.equal(JSON.parse(kept.get(`usher:moves:${name}`)).length, 2)
  await rests(5)
  assert.deepEqual(
    sent.map(([, , { move }]) => move.piece),
    ["p1", "p2"]
  )
  assert.notEqual(sent[0][2].id, sent[1][2].id)
  assert.equal(kept.has(`usher:moves:${name}`), false)
})

test("what is still on its way is shown again over every answer", async () => {
  const { moves, told } = go()
  moves.add({ piece: "p1" })
  moves.add({ piece: "p2" })
  await rests(5)
  assert.deepEqual(shown(told), ["p1", "p2", "p2"])
})

test("an answer that is older than what is shown does not take anybody back", async () => {
  const answers = { GET: [], POST: [] }
  const { moves, told } = go((_count, method) => new Promise(done => answers[method].push(done)))
  const seen = () => told.filter(([what]) => what === "answered").map(([, html]) => html)
  moves.look()
  moves.look()
  answers.GET[1]("newer")
  answers.GET[0]("older")
  await rests(5)
  assert.deepEqual(seen(), ["newer"])
  moves.look()
  moves.add({ piece: "p1" })
  await rests(5)
  answers.POST[0]("with p1")
  await rests(5)
  answers.GET[2]("without p1")
  answers.GET[3]("all")
  await rests(5)
  assert.deepEqual(seen(), ["newer", "with p1", "all"])
})

test("without a network moves wait, are told, and go out once with the ids they had", async () => {
  const { moves, told, sent } = go(count => {
    if (count === 1) throw new Unreachable("away")
    return "<p>"
  })
  moves.add({ piece: "p1" })
  moves.add({ piece: "p2" })
  await rests(5)
  assert.deepEqual(told.at(-1), ["waiting", 2])
  await rests(1100)
  assert.equal(sent[0][2].id, sent[1][2].id)
  assert.equal(sent.length, 3)
  assert.ok(sent[1][2].ago >= 0.5, "how long it was on its way")
})

test("a page that is loaded anew sends what was left behind", async () => {
  kept.set("usher:moves:left", JSON.stringify([{ id: "one", move: { piece: "p1" }, at: Date.now() - 5000 }]))
  const { sent } = go(() => "<p>", "left")
  await rests(5)
  assert.equal(sent[0][2].id, "one")
  assert.ok(sent[0][2].ago >= 5)
})

test("a move that is refused is said, and what is to be seen comes anew", async () => {
  const { moves, told, sent } = go((count, method) => {
    if (method === "POST") throw new Refused("That one is in its place already.")
    return "<p>anew"
  })
  moves.add({ piece: "p1" })
  await rests(5)
  assert.deepEqual(sent.at(-1).slice(0, 2), ["GET", "/attempts/1"])
  assert.ok(told.some(([what, words]) => what === "refused" && /already/.test(words)))
  assert.deepEqual(told.at(-1), ["answered", "<p>anew"])
})
