// In Arrange, Tab goes through the things on the page, back to front, and past the last one on to what follows the
// page: false then, so that the browser moves the focus.
import { boxOf } from "surface/view"

export default {
  word: "Next thing",
  key: "Tab, Shift Tab",
  where: "arrange",

  run({ surface, choice }, { shift }) {
    const all = surface.view.all(),
      step = shift ? -1 : 1
    const at = all.findIndex(({ dataset }) => choice.has(dataset.item))
    const to = all[at === -1 && step < 0 ? all.length - 1 : at + step]
    if (!to) {
      choice.clear()
      return false
    }
    choice.alone(to.dataset.item)
    const { x, y } = boxOf(to)
    surface.announce(`${to.getAttribute("aria-label")}, at ${Math.round(x)}, ${Math.round(y)}`)
  }
}
