// Chosen letters a step larger.
export default {
  word: "Larger",
  icon: "plus",
  fits: ({ choice }) => choice.size > 0 && choice.data().every(({ written, formula }) => written || formula),
  run: ({ look }) => look.resize(1.2)
}
