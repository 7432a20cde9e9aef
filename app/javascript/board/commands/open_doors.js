// The class: its doors, and who is in.
export default {
  word: "Open the doors",
  icon: "door-open",
  run: ({ doors }) => doors.show()
}
