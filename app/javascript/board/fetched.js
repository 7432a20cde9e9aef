// Parts that are fetched when they are first wanted, so that a board opens no slower for all of them. Each is a module
// with a class as its default export, made once.
import { Part } from "surface/part"
import { fetchModule, Refused, Unreachable } from "shared/net"
import { say } from "shared/say"

export class Fetched extends Part {
  static needs = []

  constructor(parts) {
    super(parts)
    Object.assign(this, { parts, made: {} })
  }

  async part(path) {
    if (!this.made[path]) {
      const { default: Wanted } = await fetchModule(path)
      this.made[path] ??= new Wanted(this.parts)
    }
    return this.made[path]
  }

  // Does something with a part: run("media/crop", "begin").
  async run(path, action, ...rest) {
    try {
      return await (await this.part(path))[action](...rest)
    } catch (error) {
      if (!(error instanceof Refused || error instanceof Unreachable)) throw error
      say(error.message)
    }
  }

  // What has been fetched so far.
  known(path) {
    return this.made[path]
  }
}
