// Who writes at the wall: the first hand has the chosen colour, every further one that writes at the
// same time a colour of its own. A hand that is lifted and put down again nearby is the same hand, as
// long as it has not rested for long.
import { Part } from "surface/part"

const RESTS = 8000 // ms

export class Hands extends Part {
  static needs = ["pens", "state"]

  constructor(parts) {
    super(parts)
    this.hands = [] // { at: [x, y] in CSS pixels, seen: ms, contact }
  }

  give(contact) {
    const { preferences } = this.state
    if (!preferences.hands || contact.type === "mouse") return
    const now = performance.now()
    this.hands = this.hands.filter(({ contact: busy, seen }) => busy || now - seen < RESTS)
    if (this.hands.every(({ contact: busy }) => !busy) && this.hands.length < 2) this.hands = []
    const free = this.hands.filter(({ contact: busy }) => !busy)
    const hand = free.sort((a, b) => this.gap(a, contact) - this.gap(b, contact))[0] ?? this.fresh()
    hand.contact = contact
    contact.hand = hand
    contact.look = { ...this.pens.pen(), ...(hand.number ? { colour: this.colour(hand.number) } : {}) }
  }

  take(contact) {
    if (!contact.hand) return
    Object.assign(contact.hand, { contact: null, at: contact.at, seen: performance.now() })
  }

  fresh() {
    const used = this.hands.map(({ number }) => number)
    let number = 0
    while (used.includes(number)) number++
    const hand = { number, at: [0, 0] }
    this.hands.push(hand)
    return hand
  }

  gap({ at }, { from }) {
    return Math.hypot(at[0] - from[0], at[1] - from[1])
  }

  // The colours of the tray in turn, leaving out the chosen one.
  colour(number) {
    const { inks, pen } = this.state
    const others = inks.filter(colour => colour !== pen.colour)
    return others[(number - 1) % others.length]
  }
}
