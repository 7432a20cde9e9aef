// What parts tell each other: on("turned", page => ...), emit("turned", page).
export class Events {
  constructor() {
    this.listeners = new Map()
  }

  on(name, listener) {
    this.listeners.set(name, [...(this.listeners.get(name) ?? []), listener])
  }

  emit(name, ...told) {
    for (const listener of this.listeners.get(name) ?? []) listener(...told)
  }
}
