// What the lesson is about.
export default {
  word: "Facts and notes",
  run: () => {
    const sheet = document.getElementById("facts-sheet")
    window.htmx.trigger(sheet.querySelector("[data-facts-form]"), "open")
    sheet.showModal()
  }
}
