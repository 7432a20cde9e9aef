// Bringing in by file choice, drop or paste. What a file is, is decided by the server.
import { send } from "shared/net"
import { newId } from "shared/ids"
import { say } from "shared/say"
import { round } from "board/carry"

export function bringIn(board) {
  const chooser = document.getElementById("bring-in")
  chooser?.addEventListener("change", () => { take(board, [...chooser.files]); chooser.value = "" })
  board.stage.addEventListener("dragover", event => { event.preventDefault(); board.stage.classList.add("dropping") })
  board.stage.addEventListener("dragleave", () => board.stage.classList.remove("dropping"))
  board.stage.addEventListener("drop", event => {
    event.preventDefault()
    board.stage.classList.remove("dropping")
    const at = board.camera.toPage(event.clientX, event.clientY), { dataTransfer } = event
    const written = ["text/html", "text/plain"].some(type => dataTransfer.types.includes(type))
    !dataTransfer.files.length && written ? words(board, dataTransfer, at) : take(board, [...dataTransfer.files], at)
  })
  document.addEventListener("paste", event => {
    if (event.target.closest?.("input, textarea")) return
    if (board.editor.open || event.target.closest?.("dialog")) return
    const data = event.clipboardData
    if (data?.files.length) return take(board, [...data.files])
    const clipping = board.clipboard.read(data)
    clipping ? board.clipboard.paste(clipping) : words(board, data)
  })
}

// A table from a spreadsheet or a page becomes tiles that belong together; true where it was one.
async function table(board, html, plain) {
  const asked = /<table[\s>]/i.test(html) ? { html } : /\t/.test(plain) ? { text: plain } : null
  const { items } = asked ? await send("POST", "/tables", asked) : { items: [] }
  if (!items.length) return false
  const group = newId()
  board.do({ verb: "put", items: items.map(item => ({ ...item, id: newId(), groups: [group] })) })
  return true
}

// Text from anywhere becomes a text on the page; Ruby reads what is rich about it.
async function words(board, data, at = [200, 200]) {
  const html = data?.getData("text/html"), plain = data?.getData("text/plain").trim() ?? ""
  if (!html && !plain) return
  if (/^\s*(<\?xml[^>]*>\s*)?<svg[\s>]/i.test(plain)) return take(board, [new File([plain], "drawing.svg", { type: "image/svg+xml" })])
  try {
    if (await table(board, html, plain)) return
    if (/^https?:\/\/\S+$/.test(plain) || /^<(iframe|object|embed)\b/i.test(plain)) return plain.startsWith("<") ? board.media.run("web_sheet", "open", plain) : await board.media.run("web_sheet", "card", plain)
    const values = html ? await send("POST", "/rich_text", { html }) : { text: plain }
    const { size, colour, font } = board.pen
    board.do({ verb: "put", items: [{ kind: "text", id: newId(), x: round(at[0]), y: round(at[1]), width: Math.min(900, Math.max(300, board.camera.page.width - at[0] - 40)), height: 0, size: Math.min(size, 40), colour, font, ...values }] })
  } catch (error) {
    say(error.message)
  }
}

function take(board, files, at) {
  files.length ? board.media.bring(files, at) : say("Drop files here: pictures, sounds, videos, PDF, slides.")
}
