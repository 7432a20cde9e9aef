// Takes a colour out of a picture.
export default {
  word: "Take out a colour",
  icon: "pipette",
  run: ({ fetched }) => fetched.run("media/pictures", "clear")
}
