// Devices for bench/answers, as a page on a phone is: each follows the lesson by a websocket before anything is asked, answers
// over it at its moment, and where that is not said to be kept sends a request, again and again until it is taken.
// Reads its task as JSON from standard input and prints the result as JSON.
//   { origin, within, poll, devices: [[cookie, token]], request }  within: seconds; request: true where none may use its socket
import { createRequire } from "node:module"
import { performance } from "node:perf_hooks"
const WebSocket = createRequire(import.meta.url)("ws")

const task = JSON.parse(await new Promise(resolve => { let all = ""; process.stdin.on("data", part => { all += part }).on("end", () => resolve(all)) }))
const SOON = 2000 // ms in which the socket answers
const identifier = JSON.stringify({ channel: "DeviceChannel" })
const pause = ms => new Promise(resolve => setTimeout(resolve, ms))
let requests = 0, began

class Device {
  constructor([cookie, token], index) {
    Object.assign(this, { cookie, token, letter: "ABCD"[index % 4], at: (task.within * 1000 * index) / task.devices.length })
  }

  // Resolves once it follows.
  follow() {
    this.socket = new WebSocket(`${task.origin.replace("http", "ws")}/cable`, ["actioncable-v1-json"], { headers: { Cookie: this.cookie, Origin: task.origin }, perMessageDeflate: false })
    this.socket.on("error", () => this.told(false))
    this.socket.on("close", () => this.told(false))
    return new Promise(resolve => this.socket.on("message", data => {
      const { type, message } = JSON.parse(data)
      if (type === "welcome") this.socket.send(JSON.stringify({ command: "subscribe", identifier }))
      if (type === "confirm_subscription") resolve()
      if (message?.answered) this.told(Boolean(message.answered.said))
    }))
  }

  told(kept) { this.heard?.(kept) }

  async answer() {
    await pause(began + this.at - performance.now())
    if (!(!task.request && await this.say())) await this.ask()
    this.took = performance.now() - began - this.at
  }

  // Whether it is kept, as the socket says.
  say() {
    if (this.socket.readyState !== WebSocket.OPEN) return false
    this.socket.send(JSON.stringify({ command: "message", identifier, data: JSON.stringify({ action: "answer", poll: task.poll, choice: this.letter, number: 1 }) }))
    return Promise.race([new Promise(resolve => { this.heard = resolve }), pause(SOON).then(() => false)])
  }

  async ask() {
    requests++
    const response = await fetch(`${task.origin}/seat/answer`, { method: "POST", headers: { Cookie: this.cookie, "X-CSRF-Token": this.token, "HX-Request": "true" }, body: new URLSearchParams({ poll: task.poll, choice: this.letter }) }).catch(() => null)
    await response?.text().catch(() => null)
    if (response?.status !== 200) return pause(300).then(() => this.ask())
  }
}

const devices = task.devices.map((device, index) => new Device(device, index))
for (const device of devices) await device.follow()
await pause(500)
process.stderr.write("begins\n")
began = performance.now()
await Promise.all(devices.map(device => device.answer()))
const seconds = (performance.now() - began) / 1000
const waits = devices.map(({ took }) => took).sort((a, b) => a - b)
console.log(JSON.stringify({ seconds, requests, p95_ms: Math.round(waits[Math.floor(waits.length * 0.95)]) }))
process.exit(0)
