// What the teacher has set, kept by Ruby a moment after it was changed.
import { send } from "shared/net"
import { say } from "shared/say"

export class Preferences {
  constructor(store) {
    this.store = store
    this.changed = {}
  }

  set(values) {
    this.store.preferences = { ...this.store.preferences, ...values }
    Object.assign(this.changed, values)
    clearTimeout(this.timer)
    this.timer = setTimeout(() => this.keep(), 400)
  }

  async keep() {
    const { changed } = this
    this.changed = {}
    try {
      await send("PATCH", "/preferences", changed)
    } catch (error) {
      say(`${error.message} This setting holds until you leave.`)
    }
  }

  addColour(colour) { this.set({ colours: [colour, ...this.store.preferences.colours.filter(one => one !== colour)].slice(0, 12) }) }
  dropColour(colour) { this.set({ colours: this.store.preferences.colours.filter(one => one !== colour) }) }
  addBreadth(breadth) { this.set({ breadths: [breadth, ...this.store.preferences.breadths.filter(one => one !== breadth)].slice(0, 4) }) }
  dropBreadth(breadth) { this.set({ breadths: this.store.preferences.breadths.filter(one => one !== breadth) }) }
  used(symbol) { this.set({ symbols: [symbol, ...this.store.preferences.symbols.filter(one => one !== symbol)].slice(0, 12) }) }
}
