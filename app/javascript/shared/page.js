// What every page does with htmx: send the forgery token, say refusals in a line, size bars.
import { momentHeaders } from "shared/moment"
import { fetchModule } from "shared/net"
import { pressedIn, unpressed, watchPresses } from "shared/pressed"
import { say } from "shared/say"
import { startSheets } from "shared/sheets"

const TOLD = ["room", "tools"] // by which parts of a page are told that others did something
const ASKED = ".poll-chart, .report, .answers, .seat-card, [data-asks], .device-poll"

export const token = () => document.querySelector("meta[name=csrf-token]")?.content ?? ""

export function startHtmx(htmx) {
  window.htmx = htmx // a way in for the browser's console and for Alpine parts that swap
  // What a newer request takes the place of (hx-sync) is no error, nor is what was refused in a sentence.
  htmx.logger = (element, event, detail) => {
    const aborted = event === "htmx:sendAbort" || (event === "htmx:afterRequest" && detail.xhr?.status === 0)
    if (aborted || (event === "htmx:responseError" && detail.xhr.status === 422)) delete detail.error
  }
  document.addEventListener("htmx:configRequest", event => {
    Object.assign(event.detail.headers, { "X-CSRF-Token": token(), ...momentHeaders() })
  })
  // A form that was not accepted comes back with what is missing.
  document.addEventListener("htmx:beforeSwap", ({ detail }) => {
    if (detail.xhr.getResponseHeader("X-Usher-Form")) Object.assign(detail, { shouldSwap: true, isError: false })
  })
  watchPresses()
  // What is pressed does not change under the finger, be it by a word of others or by a clock, which comes again.
  document.addEventListener("htmx:beforeSwap", ({ detail }) => {
    const { elt, triggeringEvent } = detail.requestConfig,
      told = TOLD.includes(triggeringEvent?.type) && triggeringEvent.type,
      clock = !triggeringEvent && elt.getAttribute("hx-trigger")?.includes("every ")
    if (!(told || clock) || !pressedIn(detail.target)) return
    detail.shouldSwap = false
    if (told) unpressed(detail.target, () => htmx.trigger(elt, told))
  })
  document.addEventListener("htmx:responseError", event => {
    const { xhr } = event.detail
    if (xhr.status === 401) return location.reload()
    say(xhr.status === 422 ? xhr.responseText : "Usher could not do that. Try again.")
  })
  document.addEventListener("htmx:sendError", () => say("Usher cannot be reached. Check the network and try again."))
  document.addEventListener("htmx:afterSwap", ({ target }) => plaques(target))
  document.addEventListener("htmx:afterRequest", ({ target, detail }) => {
    if (!detail.successful) return
    const { opens, says, closes } = target.dataset
    if (closes !== undefined) target.closest("dialog").close() // it did what the sheet is for
    if (opens) {
      target.closest("dialog")?.close() // one sheet at a time
      document.getElementById(opens).showModal()
    }
    if (says) say(says)
  })
  plaques(document.body) // those that came before
  startSheets()
  document.addEventListener("submit", event => {
    if (event.target.dataset.sure && !confirm(event.target.dataset.sure)) event.preventDefault()
  })
  htmx.onLoad(root => root.querySelectorAll("[data-grow]").forEach(grow))
  document.querySelectorAll("[data-grow]").forEach(grow)
}

// Asks for a part of the screen and puts it into a place. Answers whether it came: what failed was said by then, and
// what was called off is no error.
export const load = (verb, address, target) =>
  window.htmx.ajax(verb, address, { target, swap: "innerHTML" }).then(
    () => true,
    () => false
  )

// Class tools and questions to the class, wherever they are shown.
const plaques = place => {
  if (place.querySelector(ASKED)) fetchModule("shared/styled").then(({ styled }) => styled("asked"))
  if (place.querySelector(".plaque")) fetchModule("shared/plaques").then(({ look }) => look(place))
}

const grow = element => {
  element.style.flexGrow = element.dataset.grow
}
