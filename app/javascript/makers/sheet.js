// The parts of a sheet that is being made: each has a title, a kind and its content, as the core reads them.
import { say } from "shared/say"
import { send } from "shared/net"

const MOST = 30 // questions that are drawn to find one like another

let keys = 0
const part = given => ({ key: keys++, ids: [], ...given })

export default () => ({
  parts: [],
  listed: [],

  init() {
    this.root = this.$root
    this.listed = JSON.parse(this.root.dataset.listed) // { kind: under what name its questions lie }
    this.parts = JSON.parse(this.root.dataset.parts).map(part)
  },

  get value() {
    return JSON.stringify(this.parts.map(({ title, kind, content }) => [title, kind, content]))
  },
  get none() {
    return !this.parts.length
  },

  place(number) {
    return `${number + 1}.`
  },
  titleLabel(number) {
    return `Title of part ${number + 1}`
  },
  upLabel(number) {
    return `Part ${number + 1} earlier`
  },
  downLabel(number) {
    return `Part ${number + 1} later`
  },
  outLabel(number) {
    return `Take part ${number + 1} out`
  },
  anotherLabel(question) {
    return `Another one instead of “${question}”`
  },
  withoutLabel(question) {
    return `Take “${question}” out`
  },
  many({ kind }) {
    return kind in this.listed
  },
  countWord({ questions }) {
    return questions.length === 1 ? "1 question" : `${questions.length} questions`
  },

  rename(number, title) {
    this.parts[number].title = title
  },
  drop(number) {
    this.parts.splice(number, 1)
  },
  move(number, by) {
    const to = number + by
    if (to < 0 || to >= this.parts.length) return
    this.parts.splice(to, 0, ...this.parts.splice(number, 1))
  },

  // What was pressed in the list of activities comes in.
  taken({ target }) {
    const given = target.closest("[data-take-in]")?.dataset.takeIn
    if (!given) return
    this.parts.push(part(JSON.parse(given)))
    say("Taken in.")
  },

  // [under what name its questions lie, the questions themselves] of a part.
  list({ kind, content }) {
    return [this.listed[kind], content[this.listed[kind]]]
  },
  without(number, index) {
    const one = this.parts[number],
      [name, entries] = this.list(one)
    if (entries.length === 1) return this.drop(number)
    one.content = { ...one.content, [name]: entries.filter((_, other) => other !== index) }
    for (const list of ["questions", "ids"]) one[list] = one[list].filter((_, other) => other !== index)
  },

  // A question is replaced by another of its kind, with the same settings, about the same.
  async another(number, index) {
    const one = this.parts[number],
      [name, entries] = this.list(one),
      settings = ({ content }) => JSON.stringify({ ...content, [name]: null })
    const drawn = await this.drawn({ count: MOST, kind: one.kind, about: one.about ?? "" })
    if (!drawn) return
    const like = drawn.find(other => settings(other) === settings(one))
    if (!like) return say("There is no other question like that in your bank.")
    one.content = {
      ...one.content,
      [name]: entries.map((entry, other) => (other === index ? like.content[name][0] : entry))
    }
    one.questions = one.questions.map((words, other) => (other === index ? like.questions[0] : words))
    one.ids = one.questions.map((_, other) => (other === index ? like.ids[0] : (one.ids[other] ?? 0)))
  },

  async draw() {
    const value = name => this.root.querySelector(`[data-draw-${name}]`).value
    const about = value("about"),
      drawn = (await this.drawn({ count: value("count"), about })) ?? []
    drawn.forEach(one => this.parts.push(part({ ...one, about })))
  },

  // Questions of the bank that are not in the sheet yet, or undefined where there are none.
  async drawn(wanted) {
    const asked = new URLSearchParams({ draw: 1, ...wanted })
    this.parts.flatMap(({ ids }) => ids).forEach(id => asked.append("except[]", id))
    try {
      return await send("GET", `/bank?${asked}`)
    } catch (error) {
      say(error.message)
      return undefined
    }
  }
})
