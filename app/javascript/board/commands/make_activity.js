// An activity, or another one of this lesson.
export default {
  word: "Activity",
  icon: "puzzle",
  run: ({ fetched }) => fetched.run("board/making/activity", "begin")
}
