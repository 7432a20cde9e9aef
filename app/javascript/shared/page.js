// What every page does with htmx: send the forgery token, say refusals in a line, size bars.
import { say } from "shared/say"
import { momentHeaders } from "shared/moment"
import { startSheets } from "shared/sheets"

export const token = () => document.querySelector("meta[name=csrf-token]")?.content ?? ""

export function startHtmx(htmx) {
  window.htmx = htmx // a way in for the browser's console and for Alpine parts that swap
  // What a newer request takes the place of (hx-sync) is no error.
  htmx.logger = (element, event, detail) => {
    if (event === "htmx:sendAbort" || (event === "htmx:afterRequest" && detail.xhr?.status === 0)) delete detail.error
  }
  document.addEventListener("htmx:configRequest", event => {
    Object.assign(event.detail.headers, { "X-CSRF-Token": token(), ...momentHeaders() })
  })
  // A form that was not accepted comes back with what is missing.
  document.addEventListener("htmx:beforeSwap", ({ detail }) => {
    if (detail.xhr.getResponseHeader("X-Usher-Form")) Object.assign(detail, { shouldSwap: true, isError: false })
  })
  document.addEventListener("htmx:responseError", event => {
    const { xhr } = event.detail
    if (xhr.status === 401) return location.reload()
    say(xhr.status === 422 ? xhr.responseText : "Usher could not do that. Try again.")
  })
  document.addEventListener("htmx:sendError", () => say("Usher cannot be reached. Check the network and try again."))
  startSheets()
  document.addEventListener("submit", event => {
    if (event.target.dataset.sure && !confirm(event.target.dataset.sure)) event.preventDefault()
  })
  htmx.onLoad(root => root.querySelectorAll("[data-grow]").forEach(grow))
  document.querySelectorAll("[data-grow]").forEach(grow)
}

const grow = element => {
  element.style.flexGrow = element.dataset.grow
}
