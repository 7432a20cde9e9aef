// Opens a chosen text or formula for writing.
export default {
  word: "Edit",
  icon: "pencil",
  key: "Enter",
  where: "arrange",
  fits: ({ choice }) => choice.size === 1 && choice.data().every(({ written, formula }) => written || formula),
  run: ({ choice, edit }) => edit(choice.elements()[0])
}
