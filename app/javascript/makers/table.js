// The table of an activity that is being made: rows of cells, typed or pasted, kept as the one JSON value that the core
// reads. A cell may hold more than text (a picture); that stays with it.
const FEWEST = 4 // rows that are there to begin with
const MOST = 12 // columns

let keys = 0
const open = cell => (typeof cell === "object" && cell ? { text: "", ...cell } : { text: cell ?? "" })
const closed = ({ text, ...rest }) => (Object.keys(rest).length ? { ...rest, ...(text && { text }) } : text)

export default () => ({
  rows: [],
  columns: [],

  init() {
    const { columns, rows } = this.$root.dataset
    this.columns = JSON.parse(columns)
    const given = JSON.parse(rows)
    this.width = Math.max(this.columns.length, ...given.map(row => row.length))
    this.rows = given.map(row => this.row(row))
    while (this.rows.length < FEWEST) this.rows.push(this.row([]))
    const { $root } = this // what stands there now is nothing that was filled in
    this.$nextTick(() => $root.querySelectorAll("input").forEach(input => (input.defaultValue = input.value)))
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

  label(number, column) {
    return `${this.heads[column]}, row ${number + 1}`
  },
  removing(number) {
    return `Take row ${number + 1} away`
  },
  write(number, column, text) {
    this.rows[number].cells[column].text = text
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

  // Enter goes to the cell below, in a new row if need be.
  down(number, column) {
    if (number === this.rows.length - 1) this.add()
    const { $root } = this
    setTimeout(() => $root.querySelectorAll("tbody tr")[number + 1]?.querySelectorAll("input")[column]?.focus())
  },

  // A table goes in from this cell on.
  paste(number, column, event) {
    const pasted = event.clipboardData.getData("text/plain").replace(/\r\n?/g, "\n").replace(/\n$/, "")
    if (!/[\t\n]/.test(pasted)) return
    event.preventDefault()
    const lines = pasted.split("\n").map(line => line.split("\t"))
    while (this.widens && this.width < column + Math.max(...lines.map(line => line.length))) this.widen()
    lines.forEach((line, down) => {
      if (!this.rows[number + down]) this.add()
      line.forEach((text, across) => {
        const cell = this.rows[number + down].cells[column + across]
        if (cell) cell.text = text.trim()
      })
    })
  }
})
