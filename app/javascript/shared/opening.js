// Opens what an item or a word leads to. pages(number), activity(number): how this place shows those.
import { say } from "shared/say"

// sitting(): the one that a board in Teach belongs to, if any.
export function opener({ page, activity, sitting = () => null }) {
  const ways = {
    address: ({ address }) => window.open(address, "_blank", "noopener,noreferrer"),
    page: ({ page: number }) => page(number),
    activity: ({ activity: number }, { card }) => activity(number, card),
    file: ({ asset, name }) =>
      Object.assign(document.createElement("a"), { href: `/media/${asset}`, download: name }).click(),
    sound: link => play("audio", link),
    video: link => play("video", link),
    speech: ({ language, speed }, { page: number, item }) => speak(number, item, language, speed, sitting())
  }
  return (link, from = {}) => (ways[link.to] ?? (() => say("Usher cannot open that.")))(link, from)
}

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
function play(kind, { asset, name }) {
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
