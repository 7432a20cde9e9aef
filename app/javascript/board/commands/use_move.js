// In Use, the arrows move the thing that Tab came to.
export default {
  word: "Move it",
  key: "Arrows, Shift Arrows",
  where: "use",
  fits: ({ using }) => Boolean(using.id),
  run: ({ using }, { arrow, shift }) => using.move(...arrow.map(step => step * (shift ? 100 : 20)))
}
