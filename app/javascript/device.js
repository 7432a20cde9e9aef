// A student's device: the page the class looks at, and whatever is asked.
import htmx from "htmx"
import { startHtmx } from "shared/page"
import { Follower } from "device/follower"

startHtmx(htmx)
new Follower(document.getElementById("device"))
