// A patch over what is chosen, a little larger than that. with: { effect }.
import { newId } from "shared/ids"

const MARGIN = 10 // page units

export default {
  word: "Cover it",
  icon: "eye-off",
  fits: ({ choice }) => choice.size > 0,

  run({ surface, choice }, { effect }) {
    const { x, y, width, height } = choice.bounds(),
      id = newId()
    const box = { x: x - MARGIN, y: y - MARGIN, width: width + 2 * MARGIN, height: height + 2 * MARGIN }
    surface.do({ verb: "put", items: [{ kind: "cover", id, effect, ...box }] })
    choice.whenKept(id)
  }
}
