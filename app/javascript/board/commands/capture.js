// A part of the page as a picture.
export default {
  word: "Capture",
  icon: "scan",
  run: ({ fetched }) => fetched.run("media/capture", "begin")
}
