// A second person at the board: whoever writes on the half where the second puck stands has its pen or eraser.
import { OwnTools } from "board/teaching/own_tools"

const FIRST = "#1e6079"

export default class SecondPuck extends OwnTools {
  constructor(parts) {
    super(parts)
    this.puck = document.querySelector(".puck-second")
  }

  toggle() {
    const { state } = this
    state.second = state.second ? "" : FIRST
    this.stand(Boolean(state.second))
  }

  // A hand that comes down on its half.
  equip(contact) {
    const { second } = this.state
    const { left, width } = this.puck.getBoundingClientRect(),
      right = left + width / 2 > innerWidth / 2
    if (!second || !this.meant || contact.from[0] > innerWidth / 2 !== right) return false
    return this.give(contact, second)
  }
}
