// How chosen things look.
export default {
  word: "Look",
  icon: "palette",
  fits: ({ choice }) => choice.data().some(({ paints }) => paints),
  run: ({ state, look }) => {
    state.looks = { open: !state.looks.open, ...look.offers() }
  }
}
