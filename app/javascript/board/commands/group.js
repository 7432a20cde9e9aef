// Chosen things belong together from now on; what was a group in itself stays one inside.
import { newId } from "shared/ids"
import { say } from "shared/say"

const DEEPEST = 8 // groups in groups

export default {
  word: "Group",
  icon: "group",
  key: "Ctrl G",
  fits: ({ choice }) => choice.size > 0,

  run({ choice }) {
    if (choice.size < 2) return say("Choose two or more things to group them.")
    const name = newId()
    choice.change(({ groups = "" }) => ({ groups: [...groups.split(" ").filter(Boolean), name].slice(-DEEPEST) }))
  }
}
