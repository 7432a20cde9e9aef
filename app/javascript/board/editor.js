// Typing on the page, at the size and place the text will have. The lines are broken by Ruby when
// it is done; until its drawing arrives the typed text stays where it is.
import { newId } from "shared/ids"
import { boxOf } from "shared/page_view"
import { round } from "board/carry"

const FAMILIES = { read: "var(--font-read)", title: "var(--font-title)" }
const INSET = 24

export class Editor {
  constructor(board) {
    this.board = board
    board.camera.watch(() => this.place())
  }

  get open() { return Boolean(this.area) }

  // A new text or note: { kind, x, y, width, size, ... } in page units.
  start(values) {
    this.close()
    this.edited = { ...values, id: newId(), fresh: true, text: "" }
    this.show()
  }

  // One that is there already.
  reopen(element) {
    const { kind, text, size, colour, font, bold, align, item } = element?.dataset ?? {}
    if (text === undefined) return false
    this.close()
    this.board.choice?.clear()
    this.edited = { kind, id: item, text, size: Number(size), colour, font, bold: bold === "true", align, ...boxOf(element), element }
    element.setAttribute("visibility", "hidden")
    this.show()
    return true
  }

  show() {
    const { text, kind, colour, font, bold, card } = this.edited
    const area = document.createElement("textarea")
    Object.assign(area, { value: text, className: `typing typing-${kind}`, maxLength: 10_000, spellcheck: true })
    area.setAttribute("aria-label", kind === "note" ? "Text of the sticky note" : "Text on the page")
    area.dataset.overStage = ""
    Object.assign(area.style, { color: colour ?? "", fontFamily: FAMILIES[font ?? "read"], fontWeight: bold ? 700 : 400 })
    if (kind === "note") area.style.background = card ?? this.edited.element?.querySelector("rect")?.getAttribute("fill") ?? ""
    area.addEventListener("input", () => this.place())
    area.addEventListener("blur", () => this.close())
    area.addEventListener("keydown", event => {
      event.stopPropagation()
      if (event.key === "Escape" || (event.key === "Enter" && (event.ctrlKey || event.metaKey))) { event.preventDefault(); this.close(); this.board.stage.focus() }
    })
    this.area = area
    this.board.stage.append(area)
    this.place()
    area.focus()
    area.setSelectionRange(area.value.length, area.value.length)
  }

  place(area = this.area, edited = this.edited) {
    if (!area) return
    const { scale } = this.board.camera.view
    const [left, top] = this.board.camera.toScreen(edited.x, edited.y)
    const inset = edited.kind === "note" ? INSET * scale : 0
    Object.assign(area.style, { left: `${left}px`, top: `${top}px`, width: `${edited.width * scale}px`, fontSize: `${edited.size * scale}px`, padding: `${inset}px`,
      textAlign: { middle: "center", right: "right" }[edited.align] ?? "left", transform: edited.angle ? `rotate(${edited.angle}deg)` : "" })
    area.style.height = "0"
    area.style.height = `${Math.max(area.scrollHeight, (edited.kind === "note" ? edited.height : edited.size * 1.3) * scale)}px`
  }

  // Keeps what was typed. Emptied text is taken off the page.
  close() {
    if (!this.area) return
    const { area, edited, board } = this
    this.area = this.edited = null
    area.value = area.value.replace(/\s+$/, "")
    if (area.value === edited.text) {
      edited.element?.removeAttribute("visibility")
      return area.remove()
    }
    area.readOnly = true
    board.hold(edited.id, area)
    if (edited.fresh) {
      const { id, kind, x, y, width, height, size, colour, card } = edited
      const own = kind === "note" ? { card, height } : { colour }
      board.do({ verb: "put", items: [{ kind, id, x: round(x), y: round(y), width: round(width), height: 0, size, text: area.value, ...own }] })
    } else if (area.value === "") board.do({ verb: "remove", ids: [edited.id] })
    else board.do({ verb: "change", changes: [{ id: edited.id, set: { text: area.value } }] })
  }
}
