// Chooses everything on the page.
export default {
  word: "All",
  icon: "list-checks",
  key: "Ctrl A",
  title: "Ctrl A",
  where: "arrange",
  run: ({ choice }) => choice.all()
}
