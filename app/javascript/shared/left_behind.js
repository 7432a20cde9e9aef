// What was done at a board that was left while Usher could not be reached: it is sent from wherever Usher is open next.
import { Entries } from "surface/entries"
import { Outbox } from "surface/outbox"
import { say } from "shared/say"

export function sendLeftBehind() {
  let count = 0
  const nothing = () => {}
  new Outbox(new Entries(null, nothing), {
    kept: nothing,
    refused: (entry, { error }) => say(error),
    lost: nothing, // its lesson asks what becomes of it
    changed: (state, waiting) => {
      if (state === "keeping") count = waiting
      if (state === "waiting") say(`${changes(waiting)} not kept yet, waiting for Usher.`, { seconds: 6 })
      if (state === "kept" && count) say(`${changes(count)} kept now.`)
    },
    signedOut: nothing
  })
}

const changes = count => (count === 1 ? "A change from before is" : `${count} changes from before are`)
