// The table of an activity that is being made: rows of cells, typed or pasted, kept as the one JSON value that the core
// reads. A cell is a text, or a face with more than that: a picture, a sound, words that are read aloud.
import { ask } from "shared/ask"
import { say } from "shared/say"
import { chooseFace, faceOf } from "makers/faces"
import { strip } from "makers/strip"

const FEWEST = 4 // rows that are there to begin with
const MOST = 12 // columns

let keys = 0
const open = cell => (typeof cell === "object" && cell ? { text: "", ...cell } : { text: cell ?? "" })
const closed = ({ text, ...rest }) => (Object.keys(rest).length ? { ...rest, ...(text && { text }) } : text)
const empty = ({ cells }) => cells.every(cell => closed(cell) === "")

// What is chosen in a field gets signs on both sides, or loses them.
function look(input, sign) {
  const { selectionStart: from, selectionEnd: to, value } = input,
    words = value.slice(from, to),
    marked = words.length > 2 && words.startsWith(sign) && words.endsWith(sign)
  input.setRangeText(marked ? words.slice(1, -1) : sign + words + sign, from, to, "select")
  if (!words) input.setSelectionRange(from + 1, from + 1)
  input.dispatchEvent(new Event("input", { bubbles: true }))
}

export default () => ({
  rows: [],
  columns: [],
  plain: [],

  init() {
    const { columns, rows, plain } = this.$root.dataset
    this.columns = JSON.parse(columns)
    this.plain = JSON.parse(plain)
    const given = JSON.parse(rows)
    this.width = Math.max(this.columns.length, ...given.map(row => row.length))
    this.rows = given.map(row => this.row(row))
    while (this.rows.length < FEWEST) this.rows.push(this.row([]))
    const { $root } = this // what stands there now is nothing that was filled in
    this.shelve($root)
    this.$nextTick(() => $root.querySelectorAll("input").forEach(input => (input.defaultValue = input.value)))
  },

  // What lies on the page, beside a table that takes pictures and sounds.
  shelve($root) {
    const place = $root.querySelector("[data-strip]"),
      first = this.columns.findIndex((_, column) => this.written(column) && this.faced(column))
    if (first < 0 || !place) return
    strip(place, (face, cell) => {
      const [number, column] = this.cellAt($root, cell ?? document.activeElement) ?? [this.free(), first]
      if (this.faced(column)) Object.assign(this.rows[number].cells[column], face)
      else say("The words of this column are taken as they are.")
    })
  },

  // The row and the column that an element lies in, or nothing.
  cellAt($root, element) {
    const cell = element?.closest(".maker-cell")?.closest("td"),
      row = cell?.closest("tr")
    return $root.contains(row ?? null)
      ? [
          [...row.parentNode.querySelectorAll(":scope > tr")].indexOf(row),
          [...row.querySelectorAll(":scope > td")].indexOf(cell)
        ]
      : null
  },

  row(cells) {
    return { key: keys++, cells: Array.from({ length: this.width }, (_, column) => open(cells[column])) }
  },

  get value() {
    return JSON.stringify(this.rows.map(({ cells }) => cells.map(closed)))
  },

  // What stands over the columns; the last may be repeated.
  get heads() {
    return (this.rows[0]?.cells ?? []).map((_, column) =>
      (this.columns[column] ?? this.columns.at(-1)).replace(/…$/, "")
    )
  },

  get widens() {
    return this.columns.at(-1).endsWith("…") && this.width < MOST
  },

  // Whether a column is written into, and whether it also takes pictures and sounds.
  written() {
    return true
  },
  isPlace() {
    return false
  },
  faced(column) {
    return !this.plain.includes(column)
  },
  cellOf(column) {
    return this.faced(column) ? "face" : "plain"
  },
  choose() {},

  label(number, column) {
    return `${this.heads[column]}, row ${number + 1}`
  },
  removing(number) {
    return `Take row ${number + 1} away`
  },
  bringing(number, column) {
    return `A picture or a sound: ${this.label(number, column)}`
  },
  write(number, column, text) {
    this.rows[number].cells[column].text = text
  },

  // The chosen words of the cell that is written in get a look, or lose it; without any the signs are put in.
  mark(sign) {
    const input = document.activeElement
    if (!this.$root.contains(input) || !input.matches("[data-cell]")) say("Tap into a cell first.")
    else if (input.dataset.cell === "plain") say("The words of this column are taken as they are.")
    else look(input, sign)
  },
  add() {
    this.rows.push(this.row([]))
  },
  widen() {
    this.width += 1
    this.rows.forEach(({ cells }) => cells.push(open()))
  },
  drop(number) {
    this.rows.splice(number, 1)
    if (!this.rows.length) this.add()
  },

  // The first row in which nothing stands, a new one if need be.
  free() {
    if (!this.rows.some(empty)) this.add()
    return this.rows.findIndex(empty)
  },

  // Enter goes to the cell below, in a new row if need be.
  down(number, column) {
    if (number === this.rows.length - 1) this.add()
    this.writeIn(number + 1, column)
  },

  writeIn(number, column = 0) {
    const { $root } = this
    setTimeout(() =>
      $root.querySelectorAll("tbody tr")[number]?.querySelectorAll("td")[column]?.querySelector("input")?.focus()
    )
  },

  // A table goes in from this cell on; a picture becomes part of it.
  paste(number, column, event) {
    const { files } = event.clipboardData
    if (files.length && this.faced(column)) {
      event.preventDefault()
      return this.take(number, column, files[0])
    }
    const pasted = event.clipboardData.getData("text/plain").replace(/\r\n?/g, "\n").replace(/\n$/, "")
    if (!/[\t\n]/.test(pasted)) return
    event.preventDefault()
    const lines = pasted.split("\n").map(line => line.split("\t"))
    while (this.widens && this.width < column + Math.max(...lines.map(line => line.length))) this.widen()
    lines.forEach((line, down) => {
      if (!this.rows[number + down]) this.add()
      line.forEach((text, across) => {
        const cell = this.rows[number + down].cells[column + across]
        if (cell && this.written(column + across)) cell.text = text.trim()
      })
    })
  },

  // Files that are dropped go into this cell and those below.
  async dropped(number, column, event) {
    if (!this.faced(column)) return
    for (const [down, file] of [...event.dataTransfer.files].entries()) {
      if (!this.rows[number + down]) this.add()
      await this.take(number + down, column, file)
    }
  },

  async take(number, column, file) {
    try {
      Object.assign(this.rows[number].cells[column], await faceOf(file))
    } catch (error) {
      say(error.message)
    }
  },

  async bring(number, column) {
    const cell = this.rows[number].cells[column],
      face = await chooseFace()
    if (face) Object.assign(cell, face)
  },

  without(cell, part) {
    delete cell[part]
    if (part === "picture") delete cell.alt
  },

  thumb({ picture }) {
    return `/pictures/${picture}?size=small`
  },
  pictured({ alt }) {
    return alt ? `A picture: ${alt}. Say what it shows.` : "A picture. Say what it shows."
  },

  // What a picture says to those who do not see it.
  async describe(cell) {
    const hint = "For those who do not see it. Whoever plays may hear it, so do not give the answer away."
    const alt = await ask("What does this picture show?", { value: cell.alt ?? "", action: "Keep", hint, empty: true })
    if (alt === null) return
    if (alt) cell.alt = alt
    else delete cell.alt
  }
})
