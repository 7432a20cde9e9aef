// Sheets in which something is made before it comes onto the page: tiles from a list, formulas. What
// is typed goes to Ruby, which answers with how it will look.
import { send } from "shared/net"
import { newId } from "shared/ids"
import { say } from "shared/say"
import { round } from "board/carry"
import { boxOf } from "shared/page_view"

const PAUSE = 120 // ms

// Asks while somebody types, the latest question only, and shows the answer or why there is none.
class Looking {
  constructor(sheet, { path, values, show }) { Object.assign(this, { sheet, path, values, show }) }

  soon() {
    clearTimeout(this.timer)
    this.timer = setTimeout(() => this.now(), PAUSE)
  }

  async now() {
    clearTimeout(this.timer)
    const turn = this.turn = (this.turn ?? 0) + 1
    const answer = await this.ask()
    if (turn === this.turn) this.show(answer)
    return answer
  }

  async ask() {
    const problem = this.sheet.querySelector("[data-problem]")
    try {
      const answer = await send("POST", this.path, this.values())
      problem.textContent = ""
      return answer
    } catch (error) {
      problem.textContent = error.message
      return null
    }
  }
}

export class TileMaker {
  constructor(board) {
    this.board = board
    this.sheet = document.getElementById("tile-maker")
    if (!this.sheet) return
    const list = this.sheet.querySelector("textarea")
    this.looking = new Looking(this.sheet, { path: "/tiles", values: () => ({ list: list.value, layout: this.sheet.querySelector("[name=layout]:checked").value, size: this.size }),
      show: answer => { this.sheet.querySelector("[data-look]").innerHTML = answer?.look ?? "" } })
    this.sheet.addEventListener("input", () => this.looking.soon())
    this.sheet.addEventListener("submit", event => { event.preventDefault(); this.make() })
  }

  get size() { return [this.board.camera.page.width, this.board.camera.page.height] }

  open() {
    const look = this.sheet.querySelector(".making-look"), [width, height] = this.size
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
    this.board.do({ verb: "put", items })
    this.board.choose("arrange")
    this.board.chooseKept(...items.map(({ id }) => id))
  }
}

export class FormulaMaker {
  constructor(board) {
    this.board = board
    this.sheet = document.getElementById("formula-maker")
    if (!this.sheet) return
    this.field = this.sheet.querySelector("[name=source]")
    this.looking = new Looking(this.sheet, { path: "/formula", values: () => ({ source: this.field.value }), show: answer => this.show(answer) })
    this.sheet.addEventListener("input", () => this.looking.soon())
    this.sheet.addEventListener("click", event => { const part = event.target.closest("[data-part]"); if (part) this.insert(part.dataset.part) })
    this.sheet.addEventListener("submit", event => { event.preventDefault(); this.make() })
  }

  // A new one, or this one again.
  open(element = null) {
    this.element = element
    this.field.value = element?.dataset.formula ?? ""
    this.sheet.querySelector("[data-make]").textContent = element ? "Keep" : "Put it on the page"
    this.show(null)
    this.sheet.querySelector("[data-problem]").textContent = ""
    if (element) this.looking.now()
    this.sheet.showModal()
    this.field.focus()
  }

  show(answer) {
    const view = this.sheet.querySelector("[data-look]")
    view.innerHTML = answer?.look ?? ""
    if (answer) view.setAttribute("viewBox", `-10 -10 ${answer.width + 20} ${answer.height + 20}`)
  }

  // A part goes round what is selected; | is where the caret goes.
  insert(part) {
    const { field } = this, [from, to] = [field.selectionStart, field.selectionEnd]
    const chosen = field.value.slice(from, to)
    const words = part.replace("|", chosen)
    field.setRangeText(words, from, to, "end")
    const caret = from + part.indexOf("|") + chosen.length
    if (part.includes("|")) field.setSelectionRange(caret, caret)
    field.focus()
    this.looking.soon()
  }

  async make() {
    if (!await this.looking.now()) return
    this.sheet.close()
    const source = this.field.value
    if (this.element) return this.board.do({ verb: "change", changes: [{ id: this.element.dataset.item, set: { source } }] })
    const { size, colour } = this.board.pen, { camera, stage } = this.board
    const { left, top } = stage.getBoundingClientRect()
    const [x, y] = camera.toPage(left + stage.clientWidth / 2, top + stage.clientHeight / 2)
    const id = newId()
    this.board.do({ verb: "put", items: [{ kind: "formula", id, source, size: Math.max(size, 48), colour, x: round(x - 80), y: round(y - 60) }] })
    this.board.choose("arrange")
    this.board.chooseKept(id)
  }
}
