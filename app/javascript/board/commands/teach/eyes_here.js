// The wall and all devices dim: eyes here.
import { send } from "shared/net"
import { say } from "shared/say"

export default {
  word: "Eyes here",
  icon: "eye",
  mode: "teach",
  pressed: ({ state }) => state.eyes,
  run: ({ surface, state }) =>
    send(state.eyes ? "DELETE" : "POST", `/sittings/${surface.sitting}/eyes`).catch(error => say(error.message))
}
