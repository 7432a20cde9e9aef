// What was grouped last comes apart.
export default {
  word: "Ungroup",
  icon: "ungroup",
  key: "Ctrl Shift G",
  fits: ({ choice }) => choice.size > 0,
  run: ({ choice }) => choice.change(({ groups = "" }) => ({ groups: groups.split(" ").filter(Boolean).slice(0, -1) }))
}
