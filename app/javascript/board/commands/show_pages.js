// All pages at a glance.
export default {
  word: "All pages",
  icon: "layout-grid",
  run: ({ fetched }) => fetched.run("board/pages/page_grid", "show")
}
