// The desk: lessons, takes, activities being made.
import htmx from "htmx"
import Alpine from "alpine"
import { startHtmx } from "shared/page"
import { ready } from "shared/activities"
import { fetchModule } from "shared/net"
import { card } from "shared/card"
import { Keyboard } from "board/writing/keyboard"
import { Preferences } from "board/preferences"

const room = document.querySelector("[data-store-room]")
if (room) fetchModule("media/store_room").then(({ default: StoreRoom }) => new StoreRoom(room))

startHtmx(htmx)
Alpine.data("card", card)
await ready(document)
Alpine.start()

// A wall without keys has them here as well.
const frame = document.getElementById("keyboard")
if (frame) {
  const store = { preferences: JSON.parse(frame.dataset.preferences) }
  const preferences = new Preferences(store)
  new Keyboard({ settings: () => store.preferences.keyboard, keep: keyboard => preferences.set({ keyboard }) })
}
