// A ruler, a drop area or the like comes onto the middle of what is in view. with: { kind, ... }.
import { newId } from "shared/ids"

export default {
  word: "Lay it on the page",

  run({ surface, toolbox, choice, facts }, { kind, ...values }) {
    const { stage, camera } = surface,
      { left, top } = stage.getBoundingClientRect()
    const [x, y] = camera.toPage(left + stage.clientWidth / 2, top + stage.clientHeight / 2)
    const { width, height } = facts.kinds[kind].laid,
      id = newId()
    surface.do({
      verb: "put",
      items: [{ kind, id, x: Math.round(x - width / 2), y: Math.round(y - height / 2), width, height, ...values }]
    })
    toolbox.choose("arrange")
    choice.whenKept(id)
  }
}
