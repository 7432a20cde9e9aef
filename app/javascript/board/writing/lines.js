// Asks Ruby where lines break while somebody types: one question in flight, the latest one next.
import { send } from "shared/net"

export class Lines {
  // found(lines, height): Ruby's answer to the latest question.
  constructor(found) {
    this.found = found
  }

  ask(values) {
    this.wanted = values
    if (!this.asking) this.next()
  }

  async next() {
    const values = this.wanted
    this.wanted = null
    this.asking = true
    try {
      const { lines, height } = await send("POST", "/line_breaks", values)
      if (!this.wanted) this.found(lines, height, values)
    } catch {
      /* the lines stay as they are until the next question; the text itself is kept by the log */
    }
    this.asking = false
    if (this.wanted) this.next()
  }

  // Lines shifted by a change of `grown` characters at `at`, until Ruby has answered.
  static shifted(lines, at, grown, script) {
    const moved = lines
      .filter(([from]) => from <= at || from + grown > at)
      .map(([from, to, ...rest]) => [
        from > at ? from + grown : from,
        Math.max(to > at ? to + grown : to, from),
        ...rest
      ])
    const breaks = new Set(moved.map(([from]) => from))
    script.chars.forEach((char, index) => {
      if (char === "\n" && !breaks.has(index + 1)) moved.push([index + 1, index + 1, null, false])
    })
    const starts = new Set(script.chars.flatMap((char, index) => (char === "\n" ? [index + 1] : [])))
    const sorted = moved.filter(([from]) => from <= script.length).sort((a, b) => a[0] - b[0])
    return sorted
      .filter(([from], index) => index === 0 || from !== sorted[index - 1][0])
      .map((line, index) => [
        index === 0 ? 0 : line[0],
        line[1],
        starts.has(line[0]) || index === 0 ? line[2] : null,
        line[3]
      ])
  }
}
