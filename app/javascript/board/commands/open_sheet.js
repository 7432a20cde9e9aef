// The same by keys: into the sheet.
export default {
  word: "All about what is chosen",
  key: "M",
  where: "arrange",
  fits: ({ choice }) => choice.size > 0,
  run: ({ sheet }) => sheet.enter()
}
