// Opens a chosen text, formula or activity for changing.
export default {
  word: "Edit",
  icon: "pencil",
  key: "Enter",
  where: "arrange",
  fits: ({ choice }) =>
    choice.size === 1 &&
    choice.data().every(({ written, formula, activity, rolls }) => written || formula || activity || rolls),
  run: ({ choice, edit }) => edit(choice.elements()[0])
}
