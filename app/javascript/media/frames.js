// Pages of the web that live in frames on the page, one for each thing. They are closed off: they get an
// origin of their own and reach nothing of Usher.
import { boxOf } from "surface/view"
import { say } from "shared/say"

const SVG = "http://www.w3.org/2000/svg",
  HTML = "http://www.w3.org/1999/xhtml"

export default class Frames {
  constructor(view) {
    this.view = view
    this.living = new Map() // id => the foreignObject that holds its frame
  }

  // Opens the page of an item; a second time closes it.
  open(element) {
    const { item, framed } = element.dataset
    if (this.living.has(item)) return this.shut(item)
    if (!navigator.onLine) return say("There is no network here, so the page stays a picture.")
    const holder = document.createElementNS(SVG, "foreignObject"),
      frame = document.createElementNS(HTML, "iframe")
    holder.setAttribute("class", "living living-frame")
    frame.setAttribute("sandbox", "allow-scripts allow-forms allow-popups")
    frame.setAttribute("referrerpolicy", "no-referrer")
    frame.setAttribute("title", element.getAttribute("aria-label"))
    frame.setAttribute("src", `/frame?${new URLSearchParams({ address: framed })}`)
    frame.setAttribute("class", "framed-page")
    holder.append(frame)
    this.living.set(item, holder)
    this.lay()
  }

  lay() {
    for (const [id, holder] of this.living) {
      const element = this.view().find(id)
      if (!element) {
        this.shut(id)
        continue
      }
      const { width, height } = boxOf(element),
        grip = Number(element.dataset.grip),
        border = Number(element.dataset.border)
      for (const [name, value] of Object.entries({
        x: border,
        y: grip,
        width: Math.max(1, width - 2 * border),
        height: Math.max(1, height - grip - border),
        transform: element.getAttribute("transform")
      }))
        holder.setAttribute(name, value)
      if (element.nextElementSibling !== holder) element.after(holder)
    }
  }

  shut(id) {
    this.living.get(id)?.remove()
    this.living.delete(id)
  }

  close() {
    for (const id of [...this.living.keys()]) this.shut(id)
  }
}
