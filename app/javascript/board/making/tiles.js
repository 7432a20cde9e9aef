// Tiles from a list, one or several to a line.
import { Part } from "surface/part"
import { Looking } from "board/making/looking"
import { draw } from "surface/svg"
import { newId } from "shared/ids"

export default class TileMaker extends Part {
  static needs = ["choice", "state", "surface", "toolbox"]

  constructor(parts) {
    super(parts)
    this.sheet = document.getElementById("tile-maker")
    if (!this.sheet) return
    const list = this.sheet.querySelector("textarea")
    this.looking = new Looking(this.sheet, {
      path: "/tiles",
      values: () => ({
        list: list.value,
        layout: this.sheet.querySelector("[name=layout]:checked").value,
        size: this.size
      }),
      show: answer => {
        draw(this.sheet.querySelector("[data-look]"), answer?.look ?? "")
      }
    })
    this.sheet.addEventListener("input", () => this.looking.soon())
    this.sheet.addEventListener("submit", event => {
      event.preventDefault()
      this.make()
    })
  }

  get size() {
    return [this.surface.camera.page.width, this.surface.camera.page.height]
  }

  open() {
    const look = this.sheet.querySelector(".making-look"),
      [width, height] = this.size
    look.setAttribute("viewBox", `0 0 ${width} ${height}`)
    Object.entries({ width, height }).forEach(side => look.querySelector("rect").setAttribute(...side))
    if (this.sheet.querySelector("textarea").value) this.looking.soon()
    this.sheet.showModal()
  }

  async make() {
    const answer = await this.looking.now()
    if (!answer) return
    this.sheet.close()
    const items = answer.items.map(item => ({ ...item, id: newId() }))
    this.surface.do({ verb: "put", items })
    this.toolbox.choose("arrange")
    this.choice.whenKept(...items.map(({ id }) => id))
  }
}
