// A flash card, a die or a spinner: its faces are filled in first. given: { kind }.
export default {
  word: "Flash card",
  icon: "copy",
  run: ({ fetched }, { kind = "flash_card" }) => fetched.run("board/making/faced", "make", kind)
}
