import test from "node:test"
import assert from "node:assert/strict"
import { Feed } from "surface/feed"
import { opened } from "./support/cable.mjs"
import { rests } from "./support/things.mjs"

// missed: what the server answers when it is asked; fresh: the mark after starting afresh.
function follow({ mark = { from: "a", n: 0 }, missed = [], fresh = { from: "a", n: 9 }, ok = true } = {}) {
  const heard = [],
    asked = []
  let starts = 0
  globalThis.fetch = async address => {
    asked.push(address)
    return { ok, json: async () => missed }
  }
  const feed = new Feed({
    identifier: { channel: "Test" },
    mark,
    missed: "/missed",
    heard: ({ n }) => heard.push(n),
    afresh: async () => {
      starts++
      return fresh
    }
  })
  return { feed, heard, asked, starts: () => starts, line: opened.at(-1) }
}

const message = (n, from = "a") => ({ from, n })

test("in order, each once", () => {
  const { line, heard } = follow()
  for (const n of [1, 2, 2, 1, 3]) line.received(message(n))
  assert.deepEqual(heard, [1, 2, 3])
})

test("one that comes early waits for those before it", () => {
  const { line, heard, asked } = follow()
  for (const n of [2, 3, 1]) line.received(message(n))
  assert.deepEqual(heard, [1, 2, 3])
  assert.deepEqual(asked, [])
})

test("what does not come is asked for", async () => {
  const { line, heard, asked } = follow({ missed: [message(1), message(2)] })
  line.received(message(3))
  await rests(300)
  assert.deepEqual(heard, [1, 2, 3])
  assert.equal(asked[0], "/missed?from=a&n=0")
})

test("an answer that is older than what was heard meanwhile takes nobody back", async () => {
  const { line, heard, starts } = follow({ mark: { from: "a", n: 4 }, fresh: { from: "a", n: 3 } })
  line.received({ fresh: true })
  for (const n of [5, 6]) line.received(message(n))
  await rests(5)
  line.received(message(6))
  assert.deepEqual([heard, starts()], [[5, 6], 1])
})

test("the server's mark after connecting shows what was missed", async () => {
  const { line, heard } = follow({ missed: [message(1)] })
  line.connected()
  assert.equal(line.performed[0][0], "mark")
  line.received({ mark: { from: "a", n: 1 } })
  await rests(5)
  assert.deepEqual(heard, [1])
})

test("another beginning, or a gap that cannot be filled: afresh, and what is newer still counts", async () => {
  const other = follow({ fresh: { from: "b", n: 4 } })
  other.line.received(message(4, "b"))
  other.line.received(message(5, "b"))
  await rests(5)
  other.line.received(message(5, "b"))
  assert.equal(other.starts(), 1)
  assert.deepEqual(other.heard, [5])
  const gap = follow({ ok: false })
  gap.line.received(message(7))
  await rests(300)
  assert.equal(gap.starts(), 1)
})

test("every fortieth message is answered for", () => {
  const { line } = follow()
  for (let n = 1; n <= 80; n++) line.received(message(n))
  assert.deepEqual(line.performed, [
    ["seen", { count: 40 }],
    ["seen", { count: 80 }]
  ])
})

test("messages that are not of the feed are let go", () => {
  const { line, heard } = follow()
  line.received({ something: "else" })
  assert.deepEqual(heard, [])
})
