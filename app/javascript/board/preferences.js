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

  // One after the other: a slow one must not arrive after what was set later.
  keep() {
    const { changed } = this
    this.changed = {}
    this.kept = Promise.resolve(this.kept).then(() => this.send(changed))
  }

  async send(changed) {
    try {
      await send("PATCH", "/preferences", changed)
    } catch (error) {
      say(`${error.message} This setting holds until you leave.`)
    }
  }

  addColour(colour) {
    this.set({ colours: [colour, ...this.store.preferences.colours.filter(one => one !== colour)].slice(0, 12) })
  }
  dropColour(colour) {
    this.set({ colours: this.store.preferences.colours.filter(one => one !== colour) })
  }
  addWidth(stroke_width) {
    this.set({
      stroke_widths: [stroke_width, ...this.store.preferences.stroke_widths.filter(one => one !== stroke_width)].slice(
        0,
        4
      )
    })
  }
  dropWidth(stroke_width) {
    this.set({ stroke_widths: this.store.preferences.stroke_widths.filter(one => one !== stroke_width) })
  }
  used(symbol) {
    this.set({ symbols: [symbol, ...this.store.preferences.symbols.filter(one => one !== symbol)].slice(0, 12) })
  }
}
