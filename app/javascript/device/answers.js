// A student's answers on their way: over the socket that is open anyway, which costs the server a small part of what a
// request does; by a request where there is none or where it does not say "kept". What cannot be sent for want of a network
// stays here and goes off by itself, once; another answer to the same question takes its place.
import { patience } from "shared/again"
import { markup, Unreachable } from "shared/net"
import { say } from "shared/say"

const LATER = "Kept on this device. It is sent as soon as Usher answers."
const SOON = 2000 // ms in which the socket answers
const LARGEST = 20_000 // characters that go over the socket

export class Answers {
  // feed: the device's.
  constructor(feed) {
    this.feed = feed
    this.count = 0
    this.late = {} // what waits here, by its poll
    document.addEventListener("htmx:beforeRequest", event => {
      if (event.target.matches("form[data-by-socket]") && this.tell(event.target)) event.preventDefault()
    })
    document.addEventListener(
      "htmx:sendError",
      ({ target }) => target.matches("form[data-poll-kind]") && this.keep(target)
    )
  }

  // Whether it is on its way.
  tell(form) {
    const body = new FormData(form),
      poll = body.get("poll"),
      choice = body.get("choice") ?? body.getAll("choice[]"),
      number = ++this.count
    delete this.late[poll]
    if (JSON.stringify(choice).length > LARGEST) return false
    if (!this.feed.perform("answer", { poll: Number(poll), choice, number })) return false
    clearTimeout(this.going?.timer)
    this.going = { form, body, number, timer: setTimeout(() => this.ask(), SOON) }
    return true
  }

  // What the socket says: the number of the answer and, where it was kept, that in words.
  told({ number, said }) {
    if (number !== this.going?.number) return
    if (!said) return this.ask()
    const { form, timer } = this.going
    clearTimeout(timer)
    this.going = null
    if (!form.isConnected) return window.htmx.trigger("#poll-place", "room") // it was drawn anew meanwhile
    form.toggleAttribute("data-answered", true)
    form.querySelector(".button-main").textContent = "Send again"
    write(form, said)
  }

  // With a request, which has words for whatever is the matter; also when the socket has closed.
  ask() {
    if (!this.going) return
    const { form, body, timer } = this.going
    clearTimeout(timer)
    this.going = null
    this.attempt(form, body)
  }

  // form: one whose request has failed.
  keep(form) {
    this.wait(form, new FormData(form), 1)
  }

  async wait(form, body, tries) {
    this.late[body.get("poll")] = body
    write(form, LATER, true)
    await new Promise(done => setTimeout(done, patience(tries)))
    if (this.late[body.get("poll")] === body) this.attempt(form, body, tries) // else it was sent again by hand
  }

  async attempt(form, body, tries = 0) {
    try {
      await markup("POST", "/seat/answer", body)
    } catch (error) {
      if (error instanceof Unreachable) return this.wait(form, body, tries + 1)
      say(error.message)
    }
    delete this.late[body.get("poll")]
    window.htmx.trigger("#poll-place", "room")
  }
}

// late: whether it waits here.
function write(form, words, late = false) {
  const said = form.querySelector("[role=status]")
  said.textContent = words
  said.classList.toggle("kept-answer", late)
}
