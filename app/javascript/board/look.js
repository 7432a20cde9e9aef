// How chosen things look: each change goes to those of them that have such a thing (data-paints).
export class Look {
  constructor(board) { this.board = board }

  // name: "line" (outline, ink or letters), "stroke_width", "dash", "heads", "opacity", "tips".
  set(name, value) {
    const changes = this.board.choice.elements().flatMap(element => {
      const paints = element.dataset.paints?.split(" ") ?? []
      const attribute = name === "line" ? ["stroke", "colour"].find(one => paints.includes(one)) : paints.includes(name) && name
      return attribute ? [{ id: element.dataset.item, set: { [attribute]: value } }] : []
    })
    if (changes.length) this.board.do({ verb: "change", changes })
  }

  fill(colour) {
    const ids = this.board.choice.elements().filter(({ dataset }) => /fill|card|ground/.test(dataset.paints ?? "")).map(({ dataset }) => dataset.item)
    if (ids.length) this.board.do({ verb: "fill", ids, colour })
  }

  // What the panel may offer: the names that anything chosen has.
  offers() {
    const paints = new Set(this.board.choice.elements().flatMap(({ dataset }) => dataset.paints?.split(" ") ?? []))
    return { line: paints.has("stroke") || paints.has("colour"), fill: ["fill", "card", "ground"].some(name => paints.has(name)), stroke_width: paints.has("stroke_width"), dash: paints.has("dash"),
      heads: paints.has("heads"), opacity: paints.has("opacity"), tips: paints.has("tips") }
  }
}
