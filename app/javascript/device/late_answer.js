// An answer that could not be sent for want of a network stays here and goes off by itself, once; another one to the same
// question takes its place.
import { patience } from "shared/again"

const WORDS = "Kept on this device. It is sent as soon as Usher answers."

// form: the poll's.
export function keep(form) {
  const fields = new FormData(form)
  const said = form.querySelector("[role=status]")
  said.textContent = WORDS
  said.classList.add("kept-answer")
  form.toggleAttribute("data-late", true)
  attempt(form, new URLSearchParams(fields), 1)
}

async function attempt(form, body, tries) {
  await new Promise(done => setTimeout(done, patience(tries)))
  if (form.isConnected && !form.hasAttribute("data-late")) return // it was sent again by hand meanwhile
  const token = document.querySelector("meta[name=csrf-token]")?.content ?? ""
  const response = await fetch("/seat/answer", {
    method: "POST",
    headers: { "X-CSRF-Token": token, "HX-Request": "true" },
    body
  }).catch(() => null)
  if (!response || response.status >= 500) return attempt(form, body, tries + 1)
  form.toggleAttribute("data-late", false)
  window.htmx.trigger("#poll-place", "room")
}
