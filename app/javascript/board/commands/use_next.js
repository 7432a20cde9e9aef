// In Use, Tab goes from thing to thing.
export default {
  word: "Next thing",
  key: "Tab, Shift Tab",
  where: "use",
  run: ({ using }, { shift }) => using.next(shift ? -1 : 1)
}
