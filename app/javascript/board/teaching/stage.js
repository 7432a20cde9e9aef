// What only a board in Teach has: fetched there, so that Prepare opens without it.
import Alpine from "alpine"
import { room } from "shared/registry"
import { Clock } from "board/teaching/clock"
import { Dark } from "board/teaching/dark"
import { puck } from "board/teaching/puck"

Alpine.data("puck", puck)

export const commands = await room("board/commands/teach")
export const begin = parts => Object.assign(parts, { clock: new Clock(parts), dark: new Dark(parts) })
