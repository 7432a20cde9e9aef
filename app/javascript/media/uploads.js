// Files on their way in: two at a time, each with its progress, a way to stop it, and its own word when it
// is refused.
import { say } from "shared/say"
import { token } from "shared/page"

const AT_ONCE = 2
const BUSY = 4000 // ms until a file that the server had no time for is sent again
const STAYS = 9000 // ms that a refusal is to be read

export default class Uploads {
  // done(asset, more): a file has come in; more is what add was given.
  constructor({ done }) {
    Object.assign(this, { done, waiting: [], running: 0 })
  }

  get place() {
    const list =
      document.getElementById("uploads") ??
      document.body.appendChild(Object.assign(document.createElement("ul"), { id: "uploads", className: "uploads" }))
    list.setAttribute("aria-label", "Files coming in")
    return list
  }

  add(files, more = {}) {
    files.forEach((file, index) => this.waiting.push({ file, more: { ...more, index }, row: this.row(file) }))
    this.next()
  }

  row(file) {
    const row = document.createElement("li"),
      stop = Object.assign(document.createElement("button"), { type: "button", textContent: "Stop" })
    row.append(
      Object.assign(document.createElement("span"), { textContent: file.name, className: "upload-name" }),
      Object.assign(document.createElement("progress"), { max: 100, value: 0 }),
      stop
    )
    row.querySelector("progress").setAttribute("aria-label", `${file.name}, how far`)
    stop.addEventListener("click", () => row.dispatchEvent(new Event("stop")))
    row.addEventListener("stop", () => {
      this.waiting = this.waiting.filter(one => one.row !== row)
      row.remove()
    })
    this.place.append(row)
    return row
  }

  next() {
    while (this.running < AT_ONCE && this.waiting.length) this.send(this.waiting.shift())
  }

  // The house has much to do: it waits, and comes again.
  again(one) {
    if (!one.row.isConnected) return
    this.waiting.push(one)
    this.next()
  }

  send({ file, more, row }) {
    this.running += 1
    const request = new XMLHttpRequest(),
      form = new FormData(),
      bar = row.querySelector("progress")
    form.append("file", file)
    if (more.folder) form.append("folder", more.folder)
    request.open("POST", "/media")
    request.setRequestHeader("Accept", "application/json")
    request.setRequestHeader("X-CSRF-Token", token())
    request.upload.addEventListener("progress", ({ loaded, total }) => {
      bar.value = (loaded / total) * 95
    })
    request.upload.addEventListener("load", () => bar.removeAttribute("value")) // being looked at
    row.addEventListener("stop", () => request.abort())
    const ended = then => () => {
      this.running -= 1
      then()
      this.next()
    }
    request.addEventListener(
      "load",
      ended(() => this.answered(request, more, row, file))
    )
    request.addEventListener(
      "error",
      ended(() => this.refuse(row, file, "Usher cannot be reached. Bring it in again."))
    )
    request.addEventListener(
      "abort",
      ended(() => row.remove())
    )
    request.send(form)
  }

  answered({ status, responseText }, more, row, file) {
    if (status === 429) return setTimeout(() => this.again({ file, more, row }), BUSY)
    let answer = {}
    try {
      answer = JSON.parse(responseText)
    } catch {
      /* said below */
    }
    if (status >= 400 || !answer.asset)
      return this.refuse(
        row,
        file,
        answer.error ?? (status === 413 ? "That file is too large." : "Usher could not take that file.")
      )
    row.remove()
    if (answer.said) say(answer.said, { seconds: 10 })
    this.done(answer, more)
  }

  refuse(row, file, sentence) {
    row.replaceChildren(
      Object.assign(document.createElement("span"), {
        textContent: `${file.name}: ${sentence}`,
        className: "upload-refused"
      }),
      Object.assign(document.createElement("button"), { type: "button", textContent: "Close" })
    )
    row.setAttribute("role", "alert")
    row.querySelector("button").addEventListener("click", () => row.remove())
    setTimeout(() => row.remove(), STAYS * 2)
  }
}
