// Takes chosen covers off.
export default {
  word: "Uncover",
  icon: "eye",
  fits: ({ choice }) => choice.size > 0 && choice.data().every(({ cover, edge }) => cover === "on" && !edge),
  run: ({ choice }) => choice.change({ off: true })
}
