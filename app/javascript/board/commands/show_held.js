// The classes that were taught this lesson, and another one.
import { load } from "shared/page"

export default {
  word: "Classes",
  icon: "users",
  mode: "prepare",
  run({ surface }) {
    document.getElementById("held").showModal()
    load("GET", `/lessons/${surface.lesson}/held`, "#held-body")
  }
}
