// Takes all ink off the page.
export default {
  word: "All ink off",
  icon: "trash-2",
  run: ({ surface }) => surface.do({ verb: "clear" })
}
