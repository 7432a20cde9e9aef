// A web address as a card or a framed page.
export default {
  word: "Link, frame",
  icon: "link",
  run: ({ fetched }) => fetched.run("media/web_sheet", "open")
}
