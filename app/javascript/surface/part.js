// A part of an assembly (board.js, device.js): it is handed the others it needs, by name, and no more.
//   class Overview extends Part { static needs = ["surface"] }   // this.surface
// They are looked up when they are used, so that two parts may need each other.
export class Part {
  constructor(parts) {
    for (const name of this.constructor.needs) Object.defineProperty(this, name, { get: () => parts[name] })
  }
}
