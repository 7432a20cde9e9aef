// The text being written as it stands on the page: one block for each of Ruby's lines, so that every
// character is where it will be. Knows how places in it and character offsets belong together.
export class Sheet {
  constructor(element) {
    this.element = element
  }

  // lines: [[from, to, marker, rtl, page units more at each space], ...] as Ruby broke them, covering the script in order.
  draw(script, lines) {
    this.element.replaceChildren(
      ...lines.map(([from, , marker, rtl, spread], index) => {
        const next = lines[index + 1]?.[0] ?? script.length
        const ends = script.chars[next - 1] === "\n" && next > from
        const line = document.createElement("div")
        Object.assign(line.dataset, { from, to: ends ? next - 1 : next })
        line.className = "typing-line"
        if (marker) this.sign(line, marker, next > from ? script.look(from) : {})
        const list = script.lists[script.paragraph(from)]
        const first = (!from || script.chars[from - 1] === "\n") && list !== "under"
        if (script.entry(from) !== "none" && !(first && list === "hanging")) line.classList.add("in-list")
        if (rtl) line.dir = "rtl"
        if (spread) line.style.wordSpacing = `${spread}px`
        if (from && first) line.classList.add("begins")
        line.append(...this.runs(script, from, ends ? next - 1 : next))
        if (!line.hasChildNodes()) line.append(document.createElement("br"))
        return line
      })
    )
  }

  // Before an entry of a list; it looks as the first letter does.
  sign(line, marker, { bold, italic, colour }) {
    line.dataset.marker = marker
    if (bold !== undefined) line.style.setProperty("--sign-weight", bold ? 700 : 400)
    if (italic !== undefined) line.style.setProperty("--sign-style", italic ? "italic" : "normal")
    if (colour) line.style.setProperty("--sign-colour", colour)
  }

  runs(script, from, to) {
    const parts = []
    let start = from
    for (let at = from + 1; at <= to; at++) {
      if (at < to && JSON.stringify(script.look(at)) === JSON.stringify(script.look(start))) continue
      const span = document.createElement("span")
      const { bold, italic, underline, strike, colour, highlight, font, scale, shift, link } = script.look(start)
      const shifted = shift && shift !== "none"
      span.textContent = script.chars.slice(start, at).join("")
      Object.assign(span.style, {
        ...(bold !== undefined && { fontWeight: bold ? 700 : 400 }),
        ...(italic !== undefined && { fontStyle: italic ? "italic" : "normal" }),
        ...(colour && { color: colour }),
        ...(highlight && { background: highlight }),
        ...(font && { fontFamily: `var(--font-${font})`, lineHeight: scale > 1 ? "" : 0 }), // it makes no line higher
        ...((scale || shifted) && { fontSize: `${(scale ?? 1) * (shifted ? SHIFTED : 1)}em` })
      })
      if (shifted) span.classList.add(`typing-${shift}`)
      if (link) span.classList.add("typing-link")
      if (underline || link) span.style.textDecorationLine = "underline"
      if (strike) span.style.textDecorationLine += " line-through"
      parts.push(span)
      start = at
    }
    return parts
  }

  // What stands here now, as text: how a keyboard that composes words has changed it.
  read() {
    return [...this.element.children]
      .map(
        (line, index, all) =>
          line.textContent + (Number(all[index + 1]?.dataset.from) > Number(line.dataset.to) ? "\n" : "")
      )
      .join("")
  }

  // The offset of a place in the document; null when it is elsewhere.
  offset(node, at) {
    if (node === this.element) {
      const line = this.element.children[at]
      return line ? Number(line.dataset.from) : Number(this.element.lastElementChild?.dataset.to ?? 0)
    }
    const line = (node.nodeType === Node.TEXT_NODE ? node.parentElement : node).closest?.(".typing-line")
    if (!line || !this.element.contains(line)) return null
    const range = document.createRange()
    range.setStart(line, 0)
    range.setEnd(node, at)
    return Number(line.dataset.from) + [...range.toString()].length
  }

  // Where an offset is in the document: [node, place in it]. At a break it is the start of the next line.
  place(offset) {
    const lines = [...this.element.children]
    const line = lines.findLast(({ dataset }) => Number(dataset.from) <= offset) ?? lines[0]
    if (!line) return [this.element, 0]
    let left = Math.min(offset, Number(line.dataset.to)) - Number(line.dataset.from)
    const walker = document.createTreeWalker(line, NodeFilter.SHOW_TEXT)
    while (walker.nextNode()) {
      const chars = [...walker.currentNode.data]
      if (left <= chars.length) return [walker.currentNode, chars.slice(0, left).join("").length]
      left -= chars.length
    }
    return [line, 0]
  }

  // from: where a selection was begun; to: where it has got to, which may be before.
  select(from, to = from) {
    getSelection().setBaseAndExtent(...this.place(from), ...this.place(to))
  }

  // The same as it is now; null when nothing is selected here.
  ends() {
    const { anchorNode, anchorOffset, focusNode, focusOffset } = getSelection()
    const ends = anchorNode ? [this.offset(anchorNode, anchorOffset), this.offset(focusNode, focusOffset)] : [null]
    return ends.includes(null) ? null : ends
  }

  // [from, to] of what is selected here; null when nothing is.
  selected() {
    const ends = this.ends()
    return ends && [Math.min(...ends), Math.max(...ends)]
  }
}

// How large letters above and below the line are of what they would be (Usher::Text::Marks).
const SHIFTED = 0.62
