// The keyboard. Everything a hand can do on the board, keys can do; `?` lists them.
import { nudge, next, reshape } from "board/tools/arrange"

const TOOLS = { u: "use", a: "arrange", p: "pen", h: "highlighter", e: "eraser", t: "text", n: "note", r: "rectangle", o: "ellipse", l: "line", w: "arrow", c: "curve", s: "star", f: "fill", k: "laser" }
const ARROWS = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }

export function listen(board) {
  document.addEventListener("keydown", event => {
    if (event.target.closest("input, textarea, select, dialog[open], [data-player], [contenteditable=true], [data-own-keys]") || event.isComposing) return
    if (handle(board, event)) event.preventDefault()
  })
}

function handle(board, event) {
  const { key, ctrlKey, metaKey, shiftKey, altKey } = event
  const onStage = event.target === board.stage || event.target === document.body
  if (ctrlKey || metaKey) {
    if (key.toLowerCase() === "z") return shiftKey ? board.redo() : board.undo(), true
    if (key.toLowerCase() === "y") return board.redo(), true
    if (key.toLowerCase() === "a" && board.store.tool === "arrange" && onStage) return board.choice.all(), true
    if (key.toLowerCase() === "g" && board.choice.size) return shiftKey ? board.ungroup() : board.group(), true
    if (key.toLowerCase() === "d" && board.choice.size) return board.clipboard.duplicate(), true
    return false
  }
  const arranging = board.store.tool === "arrange" && board.choice.size > 0
  if (altKey) return arranging && event.target === board.stage && ARROWS[key] ? (reshape(board, ...ARROWS[key]), true) : false
  if (key === "Escape") return board.back(), true
  if (key === "?") return document.getElementById("keys")?.showModal(), true
  if (key === "PageDown") return board.next(), true
  if (key === "PageUp") return board.previous(), true
  if (key === "+" || key === "=") return board.camera.zoom(1.25), true
  if (key === "-") return board.camera.zoom(0.8), true
  if (key === "0") return board.camera.fit(), true
  if (key === "b") return board.media.toggle(), true
  if (key === "d") return board.store.toggleTidy(), true
  if (TOOLS[key] && board.offers(TOOLS[key])) return board.choose(TOOLS[key]), true
  if (!onStage) return false
  if (board.store.tool === "use") {
    if (key === "Tab" && event.target === board.stage) return board.using.next(shiftKey ? -1 : 1)
    if (ARROWS[key] && board.using.id) return board.using.move(...ARROWS[key].map(step => step * (shiftKey ? 100 : 20)))
    if (key === "Enter" && board.using.id) return board.using.press()
  }
  if (board.store.tool === "arrange") {
    if (key === "Tab" && event.target === board.stage) return next(board, shiftKey ? -1 : 1)
    if (key === "m" && arranging) return board.chosen.unfold().then(() => board.chosen.sheet.querySelector("button, input")?.focus()), true
    if (key === "]" && arranging) return board.stack("front"), true
    if (key === "[" && arranging) return board.stack("back"), true
    if (["Delete", "Backspace"].includes(key) && board.choice.size) return board.remove(), true
    if (key === "Enter" && board.choice.fits().one) return board.edit(board.choice.elements()[0]), true
    if (key === "y" && board.choice.size && board.choice.fits().tidy) return board.tidy(), true
    if (ARROWS[key] && board.choice.size) return nudge(board, ...ARROWS[key].map(step => step * (shiftKey ? 20 : 1)))
  }
  if (board.mode === "teach" && (key === "ArrowRight" || key === "ArrowDown" || key === "Enter")) return board.next(), true
  if (board.mode === "teach" && (key === "ArrowLeft" || key === "ArrowUp")) return board.previous(), true
  return false
}
