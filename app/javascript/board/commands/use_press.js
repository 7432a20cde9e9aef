// In Use, Enter taps the thing that Tab came to, or takes a copy from a pile.
export default {
  word: "Tap it",
  key: "Enter",
  where: "use",
  fits: ({ using }) => Boolean(using.id),
  run: ({ using }) => using.press()
}
