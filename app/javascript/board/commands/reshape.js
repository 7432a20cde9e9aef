// In Arrange, Alt and the arrows rotate what is chosen by 5 degrees, or make it a tenth larger or smaller.
import { round } from "surface/geometry"

export default {
  word: "Turn it, make it larger or smaller",
  key: "Alt Arrows",
  where: "arrange",
  fits: ({ choice }) => choice.size > 0,

  run({ choice }, { arrow: [dx, dy] }) {
    const { x, y, width, height, angle } = choice.box(),
      about = [round(x + width / 2), round(y + height / 2)]
    if (dx) return choice.do({ verb: "rotate", about, angle: dx * 5 })
    const factor = dy < 0 ? 1.1 : 1 / 1.1
    choice.do({ verb: "scale", about, by: [factor, factor], angle: round(angle) })
  }
}
