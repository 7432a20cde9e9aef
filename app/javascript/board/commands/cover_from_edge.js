// A cover over the whole page that is drawn back to an edge. with: { edge }.
import { newId } from "shared/ids"
import { say } from "shared/say"

export default {
  word: "A cover from an edge",
  icon: "panel-left",

  run({ surface }, { edge }) {
    const { width, height } = surface.camera.page
    surface.do({
      verb: "put",
      items: [{ kind: "cover", id: newId(), edge, x: 0, y: 0, width, height, page_width: width, page_height: height }]
    })
    document.getElementById("page-sheet")?.close()
    say("A cover lies over the page. In Use, draw it back by its bar.")
  }
}
