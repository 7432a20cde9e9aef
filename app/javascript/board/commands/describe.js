// Says what is to be seen on a picture.
export default {
  word: "Describe",
  icon: "text",
  fits: ({ choice }) =>
    choice.size === 1 && choice.data().every(({ kind, pinned }) => kind === "picture" && pinned !== "all"),
  run: ({ room }) => room.describe()
}
