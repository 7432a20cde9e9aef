// The players of all activity kinds. A new kind is a new file beside this one and a line here.
import Alpine from "alpine"
import { stopwatch } from "players/stopwatch"
import { sortPlayer } from "players/sort"

Alpine.data("stopwatch", stopwatch)
Alpine.data("sortPlayer", sortPlayer)
