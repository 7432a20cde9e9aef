// Opens what an item or a word leads to. pages(number), activity(number): how this place shows those.
import { fetchModule } from "shared/net"
import { say } from "shared/say"

// sitting(): the one that a board in Teach belongs to, if any.
export function opener({ page, activity, sitting = () => null }) {
  const ways = {
    address: ({ address }) => window.open(address, "_blank", "noopener,noreferrer"),
    page: ({ page: number }) => page(number),
    activity: ({ activity: number }, { card }) => activity(number, card),
    file: ({ asset, name }) =>
      Object.assign(document.createElement("a"), { href: `/media/${asset}`, download: name }).click(),
    sound: link => listen("play", "audio", link),
    video: link => listen("play", "video", link),
    speech: ({ language, speed }, { page: number, item }) => listen("speak", number, item, language, speed, sitting())
  }
  return (link, from = {}) => (ways[link.to] ?? (() => say("Usher cannot open that.")))(link, from)
}

// What is to be heard comes from the server, as does the way to it (shared/listening).
export const listen = (how, ...given) => fetchModule("shared/listening").then(listening => listening[how](...given))
