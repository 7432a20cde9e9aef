// Puts chosen covers on again.
export default {
  word: "Cover again",
  icon: "eye-off",
  fits: ({ choice }) => choice.size > 0 && choice.data().every(({ cover }) => cover === "off"),
  run: ({ choice }) => choice.change({ off: false })
}
