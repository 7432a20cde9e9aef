// A board that presses Next, and the devices that must see what it did. Reads its task as JSON from standard input:
//   { url, lesson, sitting, page, teacher: cookie, seats: [cookie], presses }
import { createRequire } from "node:module"
import { performance } from "node:perf_hooks"
const WebSocket = createRequire(import.meta.url)("ws")

setTimeout(() => { console.error("took too long"); process.exit(1) }, 120_000)
const task = JSON.parse(await new Promise(resolve => { let all = ""; process.stdin.on("data", part => { all += part }).on("end", () => resolve(all)) }))
const waiting = new Set() // of this press: who has not seen it yet
let seen = () => {}

const follow = (cookie, channel, name) => new Promise((resolve, reject) => {
  const socket = new WebSocket(`${task.url.replace("http", "ws")}/cable`, ["actioncable-v1-json"], { headers: { Cookie: cookie, Origin: task.url }, perMessageDeflate: false })
  socket.on("error", reject)
  socket.on("message", data => {
    const { type, message } = JSON.parse(data)
    if (type === "welcome") socket.send(JSON.stringify({ command: "subscribe", identifier: JSON.stringify(channel) }))
    if (type === "confirm_subscription") resolve(socket)
    if (message?.patch && waiting.delete(name) && !waiting.size) seen()
  })
})

const names = ["board", ...task.seats.map((_, seat) => `device ${seat}`)]
await follow(task.teacher, { channel: "BoardChannel", lesson: task.lesson, sitting: task.sitting }, "board")
for (const [seat, cookie] of task.seats.entries()) await follow(cookie, { channel: "DeviceChannel" }, `device ${seat}`)

const answer = await fetch(`${task.url}/lessons/${task.lesson}/teach`, { headers: { Cookie: task.teacher } })
const token = (await answer.text()).match(/name="csrf-token" content="([^"]+)"/)[1]
const cookies = [task.teacher, ...answer.headers.getSetCookie().map(cookie => cookie.split(";")[0])].join("; ")
const press = cue => fetch(`${task.url}/sittings/${task.sitting}/cues`, {
  method: "POST",
  headers: { Cookie: cookies, Accept: "application/json", "Content-Type": "application/json", "X-CSRF-Token": token },
  body: JSON.stringify({ id: `press${Math.random().toString(36).slice(2)}`, cue })
})

const waits = []
let lost = 0
for (let number = 0; number < task.presses; number++) {
  names.forEach(name => waiting.add(name))
  const began = performance.now()
  const all = new Promise(resolve => { seen = () => resolve(performance.now() - began) })
  const late = new Promise(resolve => setTimeout(resolve, 5000))
  const took = await Promise.race([Promise.all([all, press(number % 2 ? "lower" : "lift")]), late])
  if (took) waits.push(took[0])
  else lost += waiting.size
  waiting.clear()
  await new Promise(resolve => setTimeout(resolve, 80))
}
waits.sort((a, b) => a - b)
const share = part => Math.round(waits[Math.round((waits.length - 1) * part)] * 10) / 10
console.log(JSON.stringify({ p50_ms: share(0.5), p95_ms: share(0.95), lost, presses: task.presses }))
process.exit(0)
