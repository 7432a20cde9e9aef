// The desk: lessons, takes, activities being made.
import htmx from "htmx"
import Alpine from "alpine"
import { startHtmx } from "shared/page"
import "players/registry"
import { card } from "shared/card"
import { groupsMaker } from "shared/groups_maker"

startHtmx(htmx)
Alpine.data("card", card)
Alpine.data("groupsMaker", groupsMaker)
Alpine.start()
