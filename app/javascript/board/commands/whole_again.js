// Lifts off what was rubbed out of pictures.
export default {
  word: "Whole again",
  icon: "rotate-ccw",
  fits: ({ choice }) => choice.size > 0 && choice.data().every(({ rubbed }) => rubbed),
  run: ({ choice }) => choice.change({ rubbed: [] })
}
