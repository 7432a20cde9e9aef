// A formula, new or again.
import { Part } from "surface/part"
import { Looking } from "board/making/looking"
import { newId } from "shared/ids"
import { draw } from "surface/svg"
import { round } from "surface/geometry"

export default class FormulaMaker extends Part {
  static needs = ["choice", "state", "surface", "toolbox"]

  constructor(parts) {
    super(parts)
    this.sheet = document.getElementById("formula-maker")
    if (!this.sheet) return
    this.field = this.sheet.querySelector("[name=source]")
    this.looking = new Looking(this.sheet, {
      path: "/formula",
      values: () => ({ source: this.field.value }),
      show: answer => this.show(answer)
    })
    this.sheet.addEventListener("input", () => this.looking.soon())
    this.sheet.addEventListener("click", event => {
      const part = event.target.closest("[data-part]")
      if (part) this.insert(part.dataset.part)
    })
    this.sheet.addEventListener("submit", event => {
      event.preventDefault()
      this.make()
    })
  }

  // A new one, or this one again.
  open(element = null) {
    this.element = element
    this.field.value = this.field.defaultValue = element?.dataset.formula ?? ""
    this.sheet.querySelector("[data-make]").textContent = element ? "Keep" : "Put it on the page"
    this.show(null)
    this.sheet.querySelector("[data-problem]").textContent = ""
    if (element) this.looking.now()
    this.sheet.showModal()
    this.field.focus()
  }

  show(answer) {
    const view = this.sheet.querySelector("[data-look]")
    draw(view, answer?.look ?? "")
    if (answer) view.setAttribute("viewBox", `-10 -10 ${answer.width + 20} ${answer.height + 20}`)
  }

  // A part goes round what is selected; | is where the caret goes.
  insert(part) {
    const { field } = this,
      [from, to] = [field.selectionStart, field.selectionEnd]
    const chosen = field.value.slice(from, to)
    const words = part.replace("|", chosen)
    field.setRangeText(words, from, to, "end")
    const caret = from + part.indexOf("|") + chosen.length
    if (part.includes("|")) field.setSelectionRange(caret, caret)
    field.focus()
    this.looking.soon()
  }

  async make() {
    if (!(await this.looking.now())) return
    this.sheet.close()
    const source = this.field.value
    if (this.element)
      return this.surface.do({ verb: "change", changes: [{ id: this.element.dataset.item, set: { source } }] })
    const { size, colour } = this.state.pen,
      { camera, stage } = this.surface
    const { left, top } = stage.getBoundingClientRect()
    const [x, y] = camera.toPage(left + stage.clientWidth / 2, top + stage.clientHeight / 2)
    const id = newId()
    this.surface.do({
      verb: "put",
      items: [{ kind: "formula", id, source, size: Math.max(size, 48), colour, x: round(x - 80), y: round(y - 60) }]
    })
    this.toolbox.choose("arrange")
    this.choice.whenKept(id)
  }
}
