// The teacher's own view: the page at the wall, what Next will do, and what must not be on the wall.
import htmx from "htmx"
import Alpine from "alpine"
import { startHtmx } from "shared/page"
import { Desk } from "prompter/desk"

startHtmx(htmx)
const desk = new Desk(JSON.parse(document.getElementById("prompter").dataset.facts))
Alpine.store("prompter", desk.state)
desk.state = Alpine.store("prompter")
Alpine.start()
desk.follow()
