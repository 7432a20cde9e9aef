// Pens, hands, palm and keyboard.
export default {
  word: "Pens, hands",
  icon: "settings-2",
  run: () => document.getElementById("settings").showModal()
}
