// How chosen things look: each change goes to those of them that have such a thing (data-paints).
import { Part } from "surface/part"

const SIZES = [8, 400] // page units, of letters

export class Look extends Part {
  static needs = ["choice", "surface"]

  // name: "line" (outline, ink or letters), "stroke_width", "dash", "heads", "opacity", "tips".
  set(name, value) {
    const changes = this.choice.elements().flatMap(element => {
      const paints = element.dataset.paints?.split(" ") ?? []
      const attribute =
        name === "line" ? ["stroke", "colour"].find(one => paints.includes(one)) : paints.includes(name) && name
      return attribute ? [{ id: element.dataset.item, set: { [attribute]: value } }] : []
    })
    if (changes.length) this.surface.do({ verb: "change", changes })
  }

  fill(colour) {
    const ids = this.choice
      .elements()
      .filter(({ dataset }) => /fill|card|ground/.test(dataset.paints ?? ""))
      .map(({ dataset }) => dataset.item)
    if (ids.length) this.surface.do({ verb: "fill", ids, colour })
  }

  // Letters a step larger or smaller.
  resize(factor) {
    const [least, most] = SIZES
    this.choice.change(({ size, written }) => ({
      size: Math.min(most, Math.max(least, Math.round((size ?? JSON.parse(written).size) * factor)))
    }))
  }

  // What the panel may offer: the names that anything chosen has.
  offers() {
    const paints = new Set(this.choice.elements().flatMap(({ dataset }) => dataset.paints?.split(" ") ?? []))
    return {
      line: paints.has("stroke") || paints.has("colour"),
      fill: ["fill", "card", "ground"].some(name => paints.has(name)),
      stroke_width: paints.has("stroke_width"),
      dash: paints.has("dash"),
      heads: paints.has("heads"),
      headless: this.choice.data().some(({ kind }) => kind === "curve"),
      opacity: paints.has("opacity"),
      tips: paints.has("tips")
    }
  }
}
