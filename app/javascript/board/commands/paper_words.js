// The words of a PDF page, to be selected.
export default {
  word: "PDF words",
  icon: "text-select",
  run: ({ fetched }) => fetched.run("media/paper_text", "toggle")
}
