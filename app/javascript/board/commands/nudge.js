// In Arrange the arrows move what is chosen, one page unit or, with Shift, twenty.
import { Carry } from "surface/carry"

export default {
  word: "Move what is chosen",
  key: "Arrows, Shift Arrows",
  where: "arrange",
  fits: ({ choice }) => choice.size > 0,

  run({ surface, choice }, { arrow, shift }) {
    const loose = choice.elements().filter(element => !element.dataset.pinned),
      by = arrow.map(step => step * (shift ? 20 : 1))
    if (!loose.length) return
    new Carry(surface.view, loose).by(by)
    surface.do({ verb: "move", ids: loose.map(({ dataset }) => dataset.item), by })
  }
}
