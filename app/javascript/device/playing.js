// Activities on a device: what they need is fetched when the first one is played.
import Alpine from "alpine"
import { open } from "shared/activities"

Alpine.start()

export { open }
