// What a link or a thing lets one hear: read aloud, or a sound or a video in a sheet of its own.
import { say } from "shared/say"

let voice

// A thing on a page read aloud; a second time stops it.
export function speak(page, item, language, speed, sitting = null) {
  const address = `/pages/${page}/speech?${new URLSearchParams({ item, language, speed, ...(sitting ? { sitting } : {}) })}`
  const speaking = voice && !voice.paused
  voice?.pause()
  if (speaking && voice.src.endsWith(address)) return
  voice = new Audio(address)
  const line = say("Reading aloud.", { action: "Stop", run: () => voice.pause(), seconds: 600 })
  for (const end of ["pause", "ended", "error"]) voice.addEventListener(end, () => line?.remove())
  voice.play().catch(() => say("That could not be read aloud."))
}

// A sound or a video in a sheet of its own, over everything.
export function play(kind, { asset, name }) {
  const sheet = Object.assign(document.createElement("dialog"), { className: "dialog media-sheet" })
  const player = Object.assign(document.createElement(kind), { src: `/media/${asset}`, controls: true, autoplay: true })
  const close = Object.assign(document.createElement("button"), {
    type: "button",
    className: "button",
    textContent: "Close"
  })
  player.addEventListener("error", () => {
    sheet.close()
    say(`“${name}” cannot be played. It may have been deleted.`)
  })
  sheet.setAttribute("aria-label", name)
  close.addEventListener("click", () => sheet.close())
  sheet.addEventListener("close", () => {
    player.removeAttribute("src")
    sheet.remove()
  })
  sheet.append(Object.assign(document.createElement("h2"), { textContent: name }), player, close)
  document.body.append(sheet)
  sheet.showModal()
}
