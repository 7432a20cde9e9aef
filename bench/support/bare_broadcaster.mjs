// The bare reference: a websocket server that sends what a lesson's teacher says to that lesson's
// devices, and does nothing else.
import { createRequire } from "node:module"
const { WebSocketServer } = createRequire(import.meta.url)("ws")

const rooms = new Map()
const server = new WebSocketServer({ port: Number(process.argv[2]), host: "127.0.0.1", perMessageDeflate: false })
server.on("connection", socket => socket.on("message", data => {
  const message = JSON.parse(data)
  if ("join" in message) return rooms.set(message.join, [...(rooms.get(message.join) ?? []), socket])
  const ready = JSON.stringify(message)
  for (const device of rooms.get(message.lesson) ?? []) device.send(ready)
}))
