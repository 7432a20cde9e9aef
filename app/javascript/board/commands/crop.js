// Shows another part of a picture.
export default {
  word: "Crop",
  icon: "crop",
  fits: ({ choice }) =>
    choice.size === 1 && choice.data().every(({ kind, pinned }) => kind === "picture" && pinned !== "all"),
  run: ({ fetched }) => fetched.run("media/crop", "begin")
}
