// Gaps in a text. They stand in it in brackets, [right|right too~wrong]; here each word is also a button that takes it
// out or puts it back, and the core proposes words.
import { ask } from "shared/ask"
import { say } from "shared/say"
import { send } from "shared/net"

const PARTS = /(\[[^[\]]*\])|([\p{L}\p{N}][\p{L}\p{M}\p{N}]*(?:['’-][\p{L}\p{M}\p{N}]+)*)|[^[\]\p{L}\p{N}]+|[[\]]/gu
const inside = ({ text }) => text.slice(1, -1)
const sides = part =>
  inside(part)
    .split("~")
    .map(side => side.trim())
const shown = part => sides(part)[0].split("|")[0].trim()

export default () => ({
  text: "",
  own: [], // numbers of the words that the teacher took out by hand

  init() {
    this.root = this.$root
    this.text = this.root.querySelector("[data-text]").defaultValue
  },

  // What the text is made of: words, gaps, and what stands between.
  get parts() {
    return [...this.text.matchAll(PARTS)].map(({ 0: text, 1: gap, 2: word, index }, number) => ({
      number,
      text,
      index,
      gap: Boolean(gap),
      word: Boolean(word),
      between: !gap && !word,
      shown: gap && shown({ text })
    }))
  },
  get count() {
    return this.parts.filter(({ gap }) => gap).length
  },
  get countWord() {
    return this.count === 1 ? "1 gap" : `${this.count} gaps`
  },
  get empty() {
    return !this.text.trim()
  },
  get none() {
    return this.count === 0
  },

  replace({ index, text }, by) {
    this.text = this.text.slice(0, index) + by + this.text.slice(index + text.length)
  },
  // By keys one goes on from there.
  stay({ number }) {
    setTimeout(() => this.root.querySelector(`[data-part="${number}"] button`)?.focus())
  },
  takeOut(part) {
    this.own.push(part.number)
    this.replace(part, `[${part.text}]`)
    this.stay(part)
  },
  putBack(part) {
    this.own = this.own.filter(number => number !== part.number)
    this.replace(part, part.shown)
    this.stay(part)
  },
  backLabel({ shown }) {
    return `Gap “${shown}”: put it back`
  },
  othersLabel({ shown }) {
    return `Gap “${shown}”: wrong words and other right ones`
  },

  async others(part) {
    const [right, ...wrong] = sides(part)
    const more = right.split("|").slice(1).join(", ")
    const hint = "Commas between them. They are shown to choose from, or lie among the words to be dragged."
    const given = await ask(`Wrong words for “${part.shown}”`, {
      value: wrong.join(", "),
      action: "Next",
      hint,
      empty: true
    })
    if (given === null) return
    const also = await ask(`What else is right there?`, {
      value: more,
      action: "Keep",
      hint: "Commas between them.",
      empty: true
    })
    if (also === null) return
    const list = text =>
      text
        .split(",")
        .map(word => word.replace(/[[\]|~]/g, "").trim())
        .filter(Boolean)
    this.own.push(part.number)
    this.replace(part, `[${[[part.shown, ...list(also)].join("|"), ...list(given)].join("~")}]`)
  },

  // The text without its gaps.
  get whole() {
    return this.parts.map(part => (part.gap ? part.shown : part.text)).join("")
  },

  // [number of a part, ...] that the core would leave out, the best first, and how many suit the text.
  async ranked() {
    const { whole } = this,
      { from, usual } = await send("POST", "/gaps", { text: whole })
    const starts = []
    this.parts.reduce((at, part) => (starts.push(at), at + [...(part.gap ? part.shown : part.text)].length), 0)
    return { numbers: from.map(at => starts.indexOf(at)).filter(number => number >= 0), usual }
  },
  async ranking(use) {
    try {
      use(await this.ranked())
    } catch (error) {
      say(error.message)
    }
  },

  // What was a gap already keeps its wrong words and other right ones.
  propose() {
    return this.ranking(({ numbers, usual }) => {
      const chosen = new Set(numbers.slice(0, usual))
      this.text = this.parts
        .map(part =>
          chosen.has(part.number) ? (part.gap ? part.text : `[${part.text}]`) : part.gap ? part.shown : part.text
        )
        .join("")
    })
  },
  more() {
    return this.ranking(({ numbers }) => {
      const next = numbers.map(number => this.parts[number]).find(({ word }) => word)
      if (next) this.replace(next, `[${next.text}]`)
      else say("There is no other word to propose. Tap one.")
    })
  },
  // The worst goes first; what the teacher took out stays as long as there is another.
  less() {
    return this.ranking(({ numbers }) => {
      const rank = ({ number }) =>
        this.own.includes(number) ? -1 : numbers.includes(number) ? numbers.indexOf(number) : 0
      const gaps = this.parts.filter(({ gap }) => gap).sort((one, other) => rank(one) - rank(other))
      if (gaps.length) this.replace(gaps.at(-1), gaps.at(-1).shown)
    })
  }
})
