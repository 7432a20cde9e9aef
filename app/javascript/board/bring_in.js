// Bringing in pictures: by file choice, drop or paste. What is a picture is decided by the server.
import { send } from "shared/net"
import { newId } from "shared/ids"
import { say } from "shared/say"
import { PAGE } from "board/camera"
import { round } from "board/carry"

const LARGEST = [900, 640]

export function bringIn(board) {
  const chooser = document.getElementById("bring-in")
  document.querySelector("[data-bring-in]")?.addEventListener("click", () => chooser.click())
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
    const values = html ? await send("POST", "/rich_text", { html }) : { text: plain }
    const { size, colour, font } = board.pen
    board.do({ verb: "put", items: [{ kind: "text", id: newId(), x: round(at[0]), y: round(at[1]), width: Math.min(900, Math.max(300, PAGE.width - at[0] - 40)), height: 0, size: Math.min(size, 40), colour, font, ...values }] })
  } catch (error) {
    say(error.message)
  }
}

async function take(board, files, at = [PAGE.width / 2, PAGE.height / 2]) {
  if (!files.length) return say("Drop a picture file here (PNG, JPEG, GIF, WebP or SVG).")
  const { page } = board
  for (const [index, file] of files.entries()) {
    board.store.bringing = files.length > 1 ? `Bringing in ${index + 1} of ${files.length}` : `Bringing in ${file.name}`
    try {
      const form = new FormData()
      form.append("file", file)
      const { picture, width, height, name } = await send("POST", "/pictures", form)
      const scale = Math.min(1, LARGEST[0] / width, LARGEST[1] / height)
      const size = [round(width * scale), round(height * scale)]
      const offset = index * 30
      board.do({ verb: "put", items: [{ kind: "picture", id: newId(), picture, alt: name.replace(/\.\w+$/, "").slice(0, 200), width: size[0], height: size[1],
        x: round(at[0] - size[0] / 2 + offset), y: round(at[1] - size[1] / 2 + offset) }] }, {}, page)
    } catch (error) {
      say(error.message)
    }
  }
  board.store.bringing = null
}
