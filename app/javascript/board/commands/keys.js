// The list of keys.
export default {
  word: "Keys",
  icon: "keyboard",
  key: "?",
  run: () => document.getElementById("keys").showModal()
}
