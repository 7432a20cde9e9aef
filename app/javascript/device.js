// A student's device: the page the class looks at, and whatever is asked.
import htmx from "htmx"
import Alpine from "alpine"
import { startHtmx } from "shared/page"
import { Follower } from "device/follower"

startHtmx(htmx)
Alpine.start()
new Follower(document.getElementById("device"))
