// The tools by name, and the one in hand. A tool is a file in board/tools (its word, icon and key; `make` gives what
// it does: down, move, up, cancel, hover, leave, cursor), a shape a line in drawing/shapes.
import { Part } from "surface/part"
import { dragShape } from "board/drawing/drag_shape"
import { SHAPES } from "board/drawing/shapes"

export class Toolbox extends Part {
  static needs = ["surface", "state", "asking"]

  // known: { name: tool }, as shared/registry finds them.
  constructor(parts, known) {
    super(parts)
    this.parts = parts
    this.known = { ...known, ...Object.fromEntries(SHAPES.map(name => [name, dragShape(name)])) }
    this.made = {}
  }

  get(name) {
    return (this.made[name] ??= this.known[name].make(this.parts))
  }

  get current() {
    return this.get(this.state.tool)
  }

  // Whether this board has a button for it.
  offers(name) {
    return Boolean(document.querySelector(`[data-tool="${name}"]`))
  }

  choose(name) {
    const { surface, state, asking } = this
    surface.events.emit("finish")
    asking.end()
    if (name !== state.tool) this.current.leave?.()
    state.tool = document.getElementById("board").dataset.hand = name
    surface.stage.style.cursor = this.current.cursor
    surface.events.emit("tool", name)
  }

  // What is in hand when nothing else is.
  rest() {
    this.choose(this.surface.mode === "teach" ? "use" : "arrange")
  }
}
