// Chosen letters a step smaller.
export default {
  word: "Smaller",
  icon: "minus",
  fits: ({ choice }) => choice.size > 0 && choice.data().every(({ written, formula }) => written || formula),
  run: ({ look }) => look.resize(1 / 1.2)
}
