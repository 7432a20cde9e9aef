import test from "node:test"
import assert from "node:assert/strict"

globalThis.document ??= { querySelector: () => null }
const { Hand } = await import("device/hand")

const OUT = new TypeError("no network")

// What the server answers, one after the other, when it is let: a status or an error.
function setup(...answers) {
  const asked = [],
    waiting = []
  globalThis.fetch = (url, { method }) => {
    asked.push(method)
    return new Promise((resolve, reject) =>
      waiting.push(() => {
        const answer = answers.shift()
        if (answer === OUT) return reject(answer)
        resolve({ ok: answer < 400, status: answer, headers: new Map(), json: async () => ({ error: "No." }) })
      })
    )
  }
  const attributes = { "aria-pressed": "false" }
  const button = {
    getAttribute: name => attributes[name],
    setAttribute: (name, value) => (attributes[name] = String(value)),
    toggleAttribute: (name, on) => (on ? (attributes[name] = "") : delete attributes[name])
  }
  const again = { tasks: [], later: (_, task) => again.tasks.push(task), done: () => (again.tasks = []) },
    said = []
  const hand = new Hand(button, again, words => said.push(words))
  const answer = async () => {
    waiting.shift()()
    for (let turn = 0; turn < 10; turn++) await null
  }
  const shown = () => [attributes["aria-pressed"], "data-going" in attributes]
  return { hand, shown, asked, answer, again, said }
}

test("is up at the tap, and on its way until the server has it", async () => {
  const { hand, shown, answer, said } = setup(204)
  hand.press()
  assert.deepEqual(shown(), ["true", true])
  assert.deepEqual(said, [])
  await answer()
  assert.deepEqual(shown(), ["true", false])
  assert.deepEqual(said, ["Your hand is up."])
})

test("of quick taps the last one counts, told one after the other", async () => {
  const { hand, shown, answer, asked } = setup(204, 204)
  hand.press()
  hand.press()
  hand.press()
  hand.press()
  assert.deepEqual(shown(), ["false", false])
  await answer()
  assert.deepEqual(asked, ["POST", "DELETE"])
  await answer()
  assert.deepEqual(shown(), ["false", false])
})

test("without a network it goes up later; what the server tells meanwhile does not take it down", async () => {
  const { hand, shown, answer, again, asked } = setup(OUT, 204)
  hand.press()
  await answer()
  hand.told(false)
  assert.deepEqual(shown(), ["true", true])
  again.tasks[0]()
  await answer()
  assert.deepEqual([shown(), asked, again.tasks], [["true", false], ["POST", "POST"], []])
})

test("what is refused is taken back", async () => {
  const { hand, shown, answer } = setup(422)
  globalThis.document.querySelector = () => null
  globalThis.document.getElementById = () => null
  hand.press()
  await answer()
  assert.deepEqual(shown(), ["false", false])
})

test("the teacher takes it down", () => {
  const { hand, shown } = setup()
  hand.told(true)
  assert.deepEqual(shown(), ["true", false])
  hand.told(false)
  assert.deepEqual(shown(), ["false", false])
})
