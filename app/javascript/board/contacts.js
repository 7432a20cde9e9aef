// Everything that touches the stage: mouse, pen, and any number of fingers, each a contact of its own.
// A contact belongs to the tool that was in hand when it came down. Two fingers with a tool that
// does not write move and zoom the page.
export class Contacts {
  constructor(board) {
    this.board = board
    this.contacts = new Map()
    this.fingers = new Map()
    const { stage } = board
    stage.addEventListener("pointerdown", event => this.down(event))
    stage.addEventListener("pointermove", event => this.move(event))
    for (const end of ["pointerup", "pointercancel"]) stage.addEventListener(end, event => this.up(event))
    stage.addEventListener("wheel", event => this.wheel(event), { passive: false })
    stage.addEventListener("contextmenu", event => event.preventDefault())
    document.addEventListener("keydown", event => { if (event.code === "Space" && event.target === stage) { this.space = true; event.preventDefault() } })
    document.addEventListener("keyup", event => { if (event.code === "Space") this.space = false })
  }

  down(event) {
    if (event.target.closest("[data-over-stage]")) return
    if (event.button > 1) return
    const { board } = this
    const typing = board.editor.open // the focus that follows ends it
    board.stage.setPointerCapture(event.pointerId)
    board.stage.focus({ preventScroll: true })
    event.preventDefault()
    if (event.pointerType === "touch") this.fingers.set(event.pointerId, [event.clientX, event.clientY])
    if (this.fingers.size === 2 && !board.tool.writes) return this.pinch()
    const tool = this.space || event.button === 1 ? board.tools.hand : board.tool
    const contact = { id: event.pointerId, type: event.pointerType, tool, at: [event.clientX, event.clientY], from: [event.clientX, event.clientY],
      page: board.camera.toPage(event.clientX, event.clientY), origin: board.camera.toPage(event.clientX, event.clientY), shift: event.shiftKey, typing, event }
    this.contacts.set(event.pointerId, contact)
    tool.down?.(contact, board)
  }

  move(event) {
    if (this.fingers.has(event.pointerId)) this.fingers.set(event.pointerId, [event.clientX, event.clientY])
    if (this.pinching) return this.spread()
    const contact = this.contacts.get(event.pointerId)
    if (!contact) return this.board.tool.hover?.(event, this.board)
    const merged = event.getCoalescedEvents?.() ?? []
    this.update(contact, event)
    contact.tool.move?.(contact, this.board, merged.length ? merged : [event])
  }

  up(event) {
    this.fingers.delete(event.pointerId)
    if (this.pinching && this.fingers.size < 2) this.pinching = null
    const contact = this.contacts.get(event.pointerId)
    if (!contact) return
    this.contacts.delete(event.pointerId)
    if (event.type === "pointerup") this.update(contact, event)
    contact.tool[event.type === "pointerup" ? "up" : "cancel"]?.(contact, this.board)
  }

  update(contact, event) {
    contact.at = [event.clientX, event.clientY]
    contact.page = this.board.camera.toPage(event.clientX, event.clientY)
    contact.moved ||= Math.hypot(contact.at[0] - contact.from[0], contact.at[1] - contact.from[1]) > (contact.type === "mouse" ? 3 : 9)
    contact.shift = event.shiftKey
  }

  cancelAll() {
    for (const contact of this.contacts.values()) contact.tool.cancel?.(contact, this.board)
    this.contacts.clear()
  }

  pinch() {
    this.cancelAll()
    this.pinching = this.span()
  }

  spread() {
    const was = this.pinching, now = this.span()
    const { left, top } = this.board.stage.getBoundingClientRect()
    this.board.camera.pan(now.x - was.x, now.y - was.y)
    if (was.gap > 0) this.board.camera.zoom(now.gap / was.gap, now.x - left, now.y - top)
    this.pinching = now
  }

  span() {
    const [[ax, ay], [bx, by]] = this.fingers.values()
    return { x: (ax + bx) / 2, y: (ay + by) / 2, gap: Math.hypot(ax - bx, ay - by) }
  }

  wheel(event) {
    event.preventDefault()
    const { camera, stage } = this.board
    const { left, top } = stage.getBoundingClientRect()
    if (event.ctrlKey || event.metaKey) camera.zoom(Math.exp(-event.deltaY / 300), event.clientX - left, event.clientY - top)
    else camera.pan(-event.deltaX, -event.deltaY)
  }
}
