// JSON to and from the server. Throws Refused when the server understood and said no (its sentence
// in `message`), and Unreachable when it did not answer or broke: then trying again makes sense.
import { token } from "shared/page"
import { momentHeaders } from "shared/moment"
import { say } from "shared/say"

export class Refused extends Error {}
export class Unreachable extends Error {}

const OUT_OF_REACH = "Usher cannot be reached."

// What nobody else does something about is said.
globalThis.addEventListener?.("unhandledrejection", event => {
  if (!(event.reason instanceof Unreachable)) return
  event.preventDefault()
  say(event.reason.message)
})

// A module that is fetched when it is first wanted, by its name in the import map.
export const fetchModule = name =>
  import(name).catch(() => {
    throw new Unreachable(OUT_OF_REACH)
  })

export async function send(method, url, body, type = "application/json") {
  const response = await request(method, url, body, { type })
  return response.status === 204 ? null : response.json().catch(() => null)
}

// The same for a piece of a page.
export async function markup(method, url, body) {
  return (await request(method, url, body, { type: "application/json", accept: "text/html" })).text()
}

async function request(method, url, body, { type, accept = "application/json" }) {
  let response
  try {
    response = await fetch(url, {
      method,
      credentials: "same-origin",
      headers: {
        Accept: accept,
        "X-CSRF-Token": token(),
        ...momentHeaders(),
        ...(accept === "text/html" && { "HX-Request": "true" }), // refusals come as a line of text
        ...(body instanceof FormData || body === undefined ? {} : { "Content-Type": type })
      },
      body: body === undefined || body instanceof FormData ? body : JSON.stringify(body)
    })
  } catch {
    throw new Unreachable(OUT_OF_REACH)
  }
  if (response.ok) return response
  if (response.status === 403) await renewToken()
  if (response.status >= 500 || response.status === 403) throw new Unreachable("Usher could not do that just now.")
  const said = await (accept.includes("json") ? response.json().then(({ error }) => error) : plain(response)).catch(
    () => ""
  )
  throw Object.assign(new Refused(said || "Usher could not do that."), { status: response.status })
}

// What was refused where a piece of a page was wanted is said as plain text.
const plain = response =>
  response.headers.get("Content-Type")?.startsWith("text/plain") ? response.text() : Promise.resolve("")

// A page that has been open for long may hold a forgery token the server no longer takes.
async function renewToken() {
  const page = await fetch(location.href, { credentials: "same-origin" })
    .then(response => response.text())
    .catch(() => "")
  const fresh = new DOMParser().parseFromString(page, "text/html").querySelector("meta[name=csrf-token]")
  if (fresh) document.querySelector("meta[name=csrf-token]").content = fresh.content
}
