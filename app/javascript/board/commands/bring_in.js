// The store room beside the page.
export default {
  word: "Bring in",
  icon: "image-plus",
  key: "B",
  title: "Pictures, sounds, videos, PDF, slides, links, from here or the store room (B)",
  mode: "prepare", // of its key; in Teach it means the dark screen
  run: ({ room }) => room.toggle()
}
