// A picture or a sound for a part of an activity, chosen in a sheet over the maker: from the page in view, the store
// room or this device; or words that are read aloud.
import { markup, send } from "shared/net"
import { say } from "shared/say"

const sheet = () => document.getElementById("face-chooser")
const body = () => document.getElementById("face-chooser-body")

let done = null // what waits for the choice

// Resolves with the values of a face, or null. only: "picture" where nothing else will do.
export async function chooseFace({ only = "" } = {}) {
  const { page, sitting } = document.getElementById("maker").dataset,
    { lesson } = JSON.parse(document.getElementById("board").dataset.board),
    seen = new URLSearchParams({ page, sitting, only })
  try {
    const html = await markup("GET", `/lessons/${lesson}/faces?${seen}`)
    window.htmx.swap(body(), html, { swapStyle: "innerHTML" })
  } catch (error) {
    say(error.message)
    return null
  }
  begin()
  sheet().querySelector("[data-face-said]").hidden = only === "picture"
  sheet().showModal()
  return new Promise(resolve => (done = resolve))
}

// What a file becomes as a part of an activity.
export async function faceOf(file) {
  const form = new FormData()
  form.append("file", file)
  const { to, asset, picture } = await send("POST", "/media", form)
  if (to === "sound") return { sound: asset }
  if (to === "picture") return { picture }
  throw new Error("Only a picture or a sound can be part of an activity.")
}

function take(face) {
  done?.(face)
  done = null
  sheet().close()
}

async function attempt(made) {
  try {
    take(await made())
  } catch (error) {
    say(error.message)
  }
}

let begun = false
function begin() {
  if (begun) return
  begun = true
  sheet().addEventListener("click", ({ target }) => {
    const id = target.closest("[data-face]")?.dataset.face
    if (id) attempt(() => send("POST", target.closest("[data-faces]").dataset.faces, { id }))
  })
  sheet().addEventListener("change", ({ target }) => {
    if (target.matches("[data-face-file]") && target.files[0]) attempt(() => faceOf(target.files[0]))
  })
  sheet().addEventListener("submit", event => {
    const form = event.target.closest("[data-face-said]")
    if (!form) return
    event.preventDefault()
    const said = form.said.value.trim()
    form.reset()
    if (said) take({ said })
  })
  sheet().addEventListener("close", () => {
    if (sheet().open) return // told late, when it is open again
    body().replaceChildren()
    take(null)
  })
}
