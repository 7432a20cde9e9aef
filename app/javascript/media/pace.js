// Where a film that is followed should be at each moment, and when to jump there: a device that loads slowly, or stood
// still meanwhile, catches up. Seconds.
const DRIFT = 0.4 // that it may be off
const STILL = 0.05 // that a paused one may be off
const BETWEEN = 3 // from one jump to the next, because each costs a slow device some loading
const AHEAD = 2 // at most, that it jumps ahead of the others to be with them once it has loaded

export class Pace {
  // now(): seconds of a clock.
  constructor(now = () => performance.now() / 1000) {
    this.now = now
    this.lead = 0
  }

  // What the teacher's board says: at which second it is, running or not, how fast; said `since` seconds ago.
  told({ at, playing, rate = 1 }, since = 0) {
    Object.assign(this, { at, playing, rate, from: this.now() - since, jumped: -Infinity })
  }

  get due() {
    return this.playing ? this.at + (this.now() - this.from) * this.rate : this.at
  }

  // The second to jump to from this one, or null; length: of the film, if it is known.
  jump(from, length = Infinity) {
    const due = Math.min(this.due, length),
      late = due - from
    if (Math.abs(late) <= (this.playing ? DRIFT : STILL) || this.now() - this.jumped < BETWEEN) return null
    // Late again after a jump: that is what loading took.
    this.lead = this.jumped > -Infinity && late > 0 ? Math.min(AHEAD, late) : 0
    this.jumped = this.now()
    return this.playing ? Math.min(due + this.lead, length) : due
  }
}
