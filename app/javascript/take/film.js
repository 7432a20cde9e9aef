// The film of a take as the core cuts it: from any moment on, a chunk with everything to be seen then and what
// happens until it ends. Chunks that follow are fetched ahead.
const AHEAD = 6000 // ms before the end of a chunk

export class Film {
  // get(ms): fetches the chunk from this moment on.
  constructor(get) {
    this.get = get
  }

  // Goes to a moment; answers with the chunk, or null when it went elsewhere meanwhile.
  async to(ms) {
    const turn = (this.turn = (this.turn ?? 0) + 1)
    this.next = null
    const chunk = await this.get(ms)
    if (turn !== this.turn) return null
    this.done = 0
    return (this.chunk = chunk)
  }

  // What happens up to a moment, in order, and whether the film reaches that far by now.
  until(ms) {
    const events = this.passed(ms)
    while (ms >= this.chunk.until && this.next?.chunk) {
      this.chunk = this.next.chunk
      this.next = null
      this.done = 0
      events.push(...this.passed(ms))
    }
    return { events, reached: ms <= this.chunk.until }
  }

  passed(ms) {
    const { events } = this.chunk,
      from = this.done
    while (this.done < events.length && events[this.done].at <= ms) this.done++
    return events.slice(from, this.done)
  }

  // Fetches what follows when that is near. length: of the take, in ms.
  async ahead(ms, length) {
    const { until } = this.chunk
    if (this.next || until >= length || until - ms > AHEAD) return
    const next = (this.next = {})
    try {
      next.chunk = await this.get(until)
    } catch {
      if (this.next === next) this.next = null // the next look asks again
    }
  }

  // Where the pointer was last at this moment: [ms, page, x, y], without a place where it went away.
  pointer(ms) {
    return this.chunk.trail.findLast(([at]) => at <= ms) ?? null
  }
}
