// A text being written: its characters, the parts that look different (marks), and what each paragraph
// is in a list. Offsets count characters as Ruby does. Steps back and forth are kept here while it is open.
const MOST = 10_000
const STEPS = 200

export class Script {
  constructor({ text = "", marks = [], lists = [] }) {
    this.set({ chars: [...text], marks, lists })
    this.past = []
    this.future = []
  }

  get text() {
    return this.chars.join("")
  }
  get length() {
    return this.chars.length
  }
  values() {
    return { text: this.text, marks: this.marks, lists: this.lists.some(list => list !== "none") ? this.lists : [] }
  }
  state() {
    return { chars: this.chars, marks: this.marks, lists: this.lists }
  }

  set({ chars, marks, lists }) {
    this.chars = chars
    this.marks = marks
    this.lists = Array.from({ length: this.paragraph(chars.length) + 1 }, (_, index) => lists[index] ?? "none")
  }

  // Which paragraph a place is in, counted from nothing.
  paragraph(offset) {
    return this.chars.slice(0, offset).filter(char => char === "\n").length
  }

  // What a place is in: "none", or the kind of the list, also in further lines of an entry.
  entry(offset) {
    let paragraph = this.paragraph(offset)
    while (this.lists[paragraph] === "under" && paragraph > 0) paragraph--
    return this.lists[paragraph]
  }

  // The kind of the list that a place is in, whatever number it begins with.
  kind(offset) {
    return this.lists[this.paragraph(offset)].split(":")[0]
  }

  // Puts `words` in place of what is from `from` to `to`; marks given are of the words themselves.
  splice(from, to, words, { marks = [], lists = null } = {}) {
    this.remember()
    const fresh = [...words].slice(0, MOST - this.length + (to - from)),
      grown = fresh.length - (to - from)
    const first = this.paragraph(from),
      last = this.paragraph(to),
      lines = fresh.filter(char => char === "\n").length
    const list = this.lists[first],
      between = Array.from({ length: lines }, (_, index) => lists?.[index + 1] ?? list)
    const moved = at => (at <= from ? at : at >= to ? at + grown : from)
    // Words typed at the end of a marked part look like it; a link does not grow, nor what stands above or below the line.
    const kept = this.marks.map(mark => ({
      ...mark,
      from: mark.from >= to && mark.from > from ? mark.from + grown : Math.min(mark.from, from),
      to:
        mark.to === from &&
        to === from &&
        !mark.link &&
        !mark.shift &&
        mark.from < from &&
        fresh.length &&
        fresh[0] !== "\n"
          ? from + fresh.length
          : mark.to >= to
            ? moved(mark.to)
            : Math.min(mark.to, from)
    }))
    const own = marks.map(mark => ({ ...mark, from: mark.from + from, to: Math.min(mark.to, fresh.length) + from }))
    this.set({
      chars: [...this.chars.slice(0, from), ...fresh, ...this.chars.slice(to)],
      marks: [...kept, ...own].filter(mark => mark.to > mark.from),
      lists: [
        ...this.lists.slice(0, first),
        lists?.[0] && this.empty(first) ? lists[0] : list,
        ...between,
        ...this.lists.slice(last + 1)
      ]
    })
    return from + fresh.length
  }

  empty(paragraph) {
    return this.text.split("\n")[paragraph] === ""
  }

  // Looks of the character at `offset`: { bold, italic, underline, strike, colour, highlight, font, scale, shift, link }.
  look(offset) {
    return Object.assign(
      {},
      ...this.marks.filter(({ from, to }) => from <= offset && offset < to).map(({ from, to, ...look }) => look)
    )
  }

  mark(from, to, look) {
    if (from === to) return
    this.remember()
    this.marks = [...this.marks, { from, to, ...look }].slice(-400)
  }

  list(from, to, kind) {
    this.remember()
    for (let index = this.paragraph(from); index <= this.paragraph(to); index++) this.lists[index] = kind
    this.lists = [...this.lists]
  }

  remember() {
    this.past = [...this.past, this.state()].slice(-STEPS)
    this.future = []
  }

  undo() {
    this.step(this.past, this.future)
  }
  redo() {
    this.step(this.future, this.past)
  }

  step(from, to) {
    const state = from.pop()
    if (!state) return
    to.push(this.state())
    this.set(state)
  }
}
