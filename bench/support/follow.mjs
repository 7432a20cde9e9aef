// Devices and teachers for bench/follow: opens every websocket, publishes, and measures what arrives.
// Reads its task as JSON from standard input and prints the result as JSON.
//   { kind: "usher" | "bare", url, origin, seconds, rate, lessons: [{ board, teacher, page, seats: [cookie] }] }
// together: the devices write, each as often, instead of the teacher.
// beside: another origin, at which every second device is, and leaves for the first when that hangs up.
import { createRequire } from "node:module"
import { performance } from "node:perf_hooks"
const WebSocket = createRequire(import.meta.url)("ws")

const task = JSON.parse(await new Promise(resolve => { let all = ""; process.stdin.on("data", part => { all += part }).on("end", () => resolve(all)) }))
setTimeout(() => { console.error("took too long"); process.exit(1) }, (75 + task.seconds) * 1000)
const sent = new Map()
// Millions of them in ten minutes: as lists of numbers, so that collecting garbage does not stop what is measured.
const most = task.lessons.reduce((sum, { seats }) => sum + seats.length * (task.together ? seats.length : 1), 0) * task.rate * task.seconds
const waits = new Float32Array(most), ats = new Float64Array(most)
let delivered = 0, swapped = 0, arrivedSwapped = 0, expected = 0, gaps = 0, moved = 0, past = 0

const opened = (socket, ready) => new Promise((resolve, reject) => { socket.on("message", function wait(data) { if (ready(data)) { socket.off("message", wait); resolve() } }); socket.on("error", reject); socket.on("close", () => reject(new Error("a websocket was closed"))) })
const cable = origin => `${origin.replace("http", "ws")}/cable`
const connect = (cookie, identifier, url = task.url) => {
  const socket = new WebSocket(url, ["actioncable-v1-json"], { headers: { Cookie: cookie, Origin: task.beside ? new URL(url.replace("ws", "http")).origin : task.origin }, perMessageDeflate: false })
  opened(socket, data => String(data).includes("welcome")).then(() => socket.send(JSON.stringify({ command: "subscribe", identifier })))
  return [socket, opened(socket, data => String(data).includes("confirm_subscription"))]
}

// A device as it is: puts messages in their order by number, asks for what is missing, then applies.
class Device {
  constructor(cookie, origin = task.origin) {
    Object.assign(this, { cookie, origin })
    this.waiting = new Map()
    this.applied = {}
    this.identifier = JSON.stringify({ channel: "DeviceChannel" })
    this.open()
  }

  open() {
    this.count = 0
    ;[this.socket, this.ready] = connect(this.cookie, this.identifier, task.beside ? cable(this.origin) : task.url)
    this.socket.on("message", data => this.receive(JSON.parse(data).message))
    if (this.origin === task.beside) this.socket.on("close", () => this.move())
  }

  // To the other process, which is asked for what was said meanwhile.
  async move() {
    if (done) return
    moved++
    this.origin = task.origin
    this.open()
    await this.ready
    this.ask(this.from)
  }

  receive(message) {
    if (!message?.n) return
    if (++this.count % 40 === 0) this.socket.send(JSON.stringify({ command: "message", identifier: this.identifier, data: JSON.stringify({ action: "seen", count: this.count }) }))
    this.n ??= message.n - 1
    this.from = message.from
    if (message.n < (this.latest ?? 0)) arrivedSwapped++
    this.latest = Math.max(this.latest ?? 0, message.n)
    if (message.n <= this.n) return
    this.waiting.set(message.n, message)
    this.flush(message.from)
  }

  flush(from) {
    let message
    while ((message = this.waiting.get(this.n + 1))) {
      this.waiting.delete(++this.n)
      if (message.wet) apply(this, message.wet.id)
      else if (Object.keys(message).length === 2) past++ // ink that was wet then: a device is told of it dry
    }
    if (this.waiting.size) this.timer ??= setTimeout(() => this.ask(from), 250)
  }

  async ask(from) {
    this.timer = null
    gaps++
    const response = await fetch(`${this.origin}/seat/feed?from=${from}&n=${this.n}`, { headers: { Cookie: this.cookie, Accept: "application/json" } })
    if (response.ok) for (const message of await response.json()) if (message.n > this.n) this.waiting.set(message.n, message)
    this.flush(from)
  }
}

function apply(device, id) {
  const { at, number, writer = 0 } = sent.get(id)
  waits[delivered] = performance.now() - at
  ats[delivered++] = at
  if (number <= (device.applied[writer] ?? 0)) swapped++
  device.applied[writer] = number
}

const points = Array.from({ length: 24 }, (_, n) => [400.25 + n * 3.5, 300.5 + n, 0.5])
const wet = (page, id) => ({ page, id, colour: "#1e6079", stroke_width: 6, start: 0, points })

function lesson({ board, teacher, page, seats }, index) {
  const devices = task.kind === "usher" ? seats.map((cookie, n) => new Device(cookie, task.beside && n % 2 ? task.beside : task.origin)) : seats.map(() => {
    const socket = new WebSocket(task.url, { perMessageDeflate: false })
    const device = { socket, applied: {}, ready: new Promise(resolve => socket.on("open", resolve)) }
    socket.on("message", data => { const message = JSON.parse(data); if (message.lesson === index) apply(device, message.wet.id) })
    socket.on("open", () => socket.send(JSON.stringify({ join: index })))
    return device
  })
  const identifier = JSON.stringify({ channel: "BoardChannel", lesson: board })
  const [socket, ready] = task.kind === "usher" ? connect(teacher, identifier) : (() => { const one = new WebSocket(task.url, { perMessageDeflate: false }); return [one, new Promise(resolve => one.on("open", resolve))] })()
  let number = 0
  const write = writer => {
    const id = `l${index}-w${writer}-${number}`
    sent.set(id, { at: performance.now(), number, writer })
    expected += devices.length
    devices[writer].socket.send(JSON.stringify({ command: "message", identifier: devices[writer].identifier, data: JSON.stringify({ action: "wet", ...wet(page, id) }) }))
  }
  const publish = () => {
    if (task.together) {
      number++
      return devices.forEach((_, writer) => write(writer))
    }
    const id = `l${index}-${++number}`
    sent.set(id, { at: performance.now(), number })
    expected += devices.length
    socket.send(task.kind === "usher"
      ? JSON.stringify({ command: "message", identifier, data: JSON.stringify({ action: "wet", ...wet(page, id) }) })
      : JSON.stringify({ lesson: index, wet: wet(page, id) }))
  }
  return { ready: Promise.all([ready, ...devices.map(device => device.ready)]), publish, close: () => [socket, ...devices.map(device => device.socket)].forEach(one => one.terminate()) }
}

let done = false
const lessons = task.lessons.map(lesson)
await Promise.all(lessons.map(({ ready }) => ready))
await new Promise(resolve => setTimeout(resolve, 1000))
const gap = 1000 / task.rate
await Promise.all(lessons.map(({ publish }, index) => new Promise(resolve => setTimeout(() => {
  const began = performance.now()
  let made = 0
  const timer = setInterval(() => {
    while (made < task.rate * task.seconds && performance.now() - began >= made * gap) { publish(); made++ }
    if (made >= task.rate * task.seconds) { clearInterval(timer); resolve() }
  }, 5)
}, index * gap / lessons.length))))
const late = performance.now() + 3000 + (task.beside ? 20_000 : 0)
while (performance.now() < late && (!task.beside || delivered + past < expected)) await new Promise(resolve => setTimeout(resolve, 100))
done = true
lessons.forEach(({ close }) => close())
const first = ats.subarray(0, delivered).reduce((least, at) => Math.min(least, at), Infinity)
// ms below which a part of them is; of those sent `from` ms after the first one, or later.
const share = (part, from = 0, until = Infinity) => {
  const some = waits.subarray(0, delivered).filter((_, n) => ats[n] >= first + from && ats[n] < first + until).sort()
  return Math.round(some[Math.round((some.length - 1) * part)] * 100) / 100
}
const minutes = Array.from({ length: Math.ceil(task.seconds / 60) }, (_, n) => share(0.95, n * 60_000, (n + 1) * 60_000))
console.log(JSON.stringify({ expected, delivered, past, lost: expected - delivered - past, out_of_order: swapped, arrived_out_of_order: arrivedSwapped, gaps, moved, p50_ms: share(0.5), p95_ms: share(0.95), p95_settled_ms: share(0.95, 3000), ...(minutes.length > 1 && { p95_by_minute_ms: minutes }) }))
process.exit(0)
