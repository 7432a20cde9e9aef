import test from "node:test"
import assert from "node:assert/strict"
import { Script } from "board/writing/script"

const script = (text, more = {}) => new Script({ text, ...more })

test("words come in where the caret is, and take the place of what is selected", () => {
  const written = script("low tide")
  assert.equal(written.splice(0, 3, "high"), 4)
  assert.equal(written.text, "high tide")
})

test("a character is a character, also one of two code units", () => {
  const written = script("⚓🛟x")
  assert.equal(written.length, 3)
  written.splice(1, 2, "")
  assert.equal(written.text, "⚓x")
})

test("an entry after one that counts from a number is of the same list", () => {
  const written = script("ebb", { lists: ["numbers:3"] })
  written.splice(3, 3, "\n")
  assert.deepEqual(written.lists, ["numbers:3", "numbers:3"])
  assert.equal(written.kind(4), "numbers")
})

test("marks move with their words", () => {
  const written = script("red boat", { marks: [{ from: 4, to: 8, bold: true }] })
  written.splice(0, 0, "a ")
  assert.deepEqual(written.marks, [{ from: 6, to: 10, bold: true }])
  written.splice(7, 9, "")
  assert.deepEqual(written.marks, [{ from: 6, to: 8, bold: true }])
})

test("typing at the end of a mark goes on in it; a link and a new line do not", () => {
  const bold = script("rope", { marks: [{ from: 0, to: 4, bold: true }] })
  bold.splice(4, 4, "s")
  assert.deepEqual(bold.marks, [{ from: 0, to: 5, bold: true }])
  const link = script("rope", { marks: [{ from: 0, to: 4, link: "https://quay.example" }] })
  link.splice(4, 4, "s")
  assert.equal(link.marks[0].to, 4)
  const power = script("m2", { marks: [{ from: 1, to: 2, shift: "super" }] })
  power.splice(2, 2, " of")
  assert.equal(power.marks[0].to, 2)
  const line = script("rope", { marks: [{ from: 0, to: 4, bold: true }] })
  line.splice(4, 4, "\n")
  assert.equal(line.marks[0].to, 4)
})

test("a mark whose words are gone goes too", () => {
  const written = script("red boat", { marks: [{ from: 4, to: 8, bold: true }] })
  written.splice(3, 8, "")
  assert.deepEqual(written.marks, [])
})

test("a new paragraph is in the list of the one before, and lists go with their paragraphs", () => {
  const written = script("one\ntwo", { lists: ["bullets", "none"] })
  written.splice(3, 3, "\nand")
  assert.deepEqual(written.lists, ["bullets", "bullets", "none"])
  written.splice(0, 8, "")
  assert.deepEqual(written.lists, ["bullets", "none"].slice(0, written.text.split("\n").length))
})

test("the latest of two marks says how a character looks", () => {
  const written = script("tide")
  written.mark(0, 4, { colour: "#111111", bold: true })
  written.mark(1, 2, { colour: "#222222" })
  assert.deepEqual(written.look(1), { colour: "#222222", bold: true })
  assert.deepEqual(written.look(3), { colour: "#111111", bold: true })
})

test("back and forth, step by step", () => {
  const written = script("a")
  written.splice(1, 1, "b")
  written.splice(2, 2, "c")
  written.undo()
  assert.equal(written.text, "ab")
  written.undo()
  written.undo()
  assert.equal(written.text, "a")
  written.redo()
  written.redo()
  assert.equal(written.text, "abc")
  written.undo()
  written.splice(2, 2, "!")
  written.redo()
  assert.equal(written.text, "ab!")
})

test("it never grows beyond what Ruby takes", () => {
  const written = script("x".repeat(9_998))
  written.splice(0, 0, "yyyyy")
  assert.equal(written.length, 10_000)
})
