// A camera, live on the page.
export default {
  word: "Camera",
  icon: "camera",
  run: ({ fetched }) => fetched.run("media/live_view", "camera")
}
