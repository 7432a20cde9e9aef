// The sheet of the page in view.
export default {
  word: "Page",
  icon: "file-text",
  title: "Paper, minutes, covers, duplicate, delete",
  run: ({ fetched }) => fetched.run("board/pages/page_sheet", "open")
}
