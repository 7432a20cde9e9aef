// A part of an assembly (board.js, device.js): it is handed the others it needs, by name, and no more.
//   class Overview extends Part { static needs = ["surface"] }   // this.surface
// What it goes without where an assembly has none is in `uses`: this.editor may be undefined.
// They are looked up when they are used, so that two parts may need each other.
export class Part {
  constructor(parts) {
    const { needs, uses = [] } = this.constructor
    for (const name of [...needs, ...uses]) Object.defineProperty(this, name, { get: () => parts[name] })
  }
}
