// Everything that touches the stage: mouse, pen, and any number of fingers, each a contact of its own.
// A contact belongs to the tool that was in hand when it came down, unless it says otherwise itself: a
// palm erases, a pen's second tip and side button do what the teacher has set. Two fingers with a tool
// that does not write move and zoom the page.
import { Hands } from "surface/hands"
import { itemAt } from "surface/pick"
import { Part } from "surface/part"
import { keepStill } from "surface/still"

const GROWS = 180 // ms within which a contact may turn out to be a palm

export class Contacts extends Part {
  static needs = ["pens", "state", "surface", "toolbox"]
  static uses = ["editor", "room"] // of a board

  constructor(parts) {
    super(parts)
    this.contacts = new Map()
    this.fingers = new Map()
    this.hands = new Hands(parts)
    const { stage, events } = this.surface
    events.on("turning", () => this.finishAll())
    stage.addEventListener("pointerdown", event => this.down(event))
    stage.addEventListener("pointermove", event => this.move(event))
    for (const end of ["pointerup", "pointercancel"]) stage.addEventListener(end, event => this.up(event))
    keepStill(stage)
    stage.addEventListener("wheel", event => this.wheel(event), { passive: false })
    stage.addEventListener("contextmenu", event => event.preventDefault())
    document.addEventListener("keydown", event => {
      if (event.code === "Space" && event.target === stage) {
        this.space = true
        event.preventDefault()
      }
    })
    document.addEventListener("keyup", event => {
      if (event.code === "Space") this.space = false
    })
  }

  // Whether any hand is writing at this moment.
  get writing() {
    return [...this.contacts.values()].some(({ tool }) => tool.writes)
  }

  down(event) {
    if (event.target.closest("[data-over-stage]")) return
    if (event.button === 3 || event.button === 4) return
    const typing = this.editor?.open // the focus that follows ends it
    this.surface.stage.setPointerCapture(event.pointerId)
    this.surface.stage.focus({ preventScroll: true })
    event.preventDefault()
    const palm = this.palm(event)
    if (event.pointerType === "touch" && !palm) this.fingers.set(event.pointerId, [event.clientX, event.clientY])
    const page = this.surface.camera.toPage(event.clientX, event.clientY)
    const contact = {
      id: event.pointerId,
      type: event.pointerType,
      tool: this.toolbox.current,
      at: [event.clientX, event.clientY],
      from: [event.clientX, event.clientY],
      page,
      origin: page,
      shift: event.shiftKey,
      typing,
      event
    }
    const own = !palm && this.surface.areas.some(area => area.equip(contact))
    if (this.fingers.size === 2 && !own && !this.toolbox.current.writes && !this.busy(event)) return this.pinch()
    this.contacts.set(event.pointerId, contact)
    if (this.room?.framed) this.surface.stage.classList.add("carrying") // a framed page must not swallow the hand on its way
    if (palm) this.wipe(contact, event)
    else if (!own) this.equip(contact, event)
    contact.tool.down?.(contact)
  }

  // Whether the hands are at things of their own: then each moves its own, and nobody zooms. In Use that is so as
  // soon as one of them is at a thing; elsewhere two fingers on the same thing, or one beside it, still zoom until
  // it has been moved.
  busy({ clientX, clientY }) {
    const { holds, apart } = this.toolbox.current
    if (!holds) return false
    const there = itemAt(clientX, clientY)
    const held = [...this.contacts.values()].filter(contact => contact.type === "touch" && holds(contact))
    if (apart) return held.length > 0 || Boolean(there && !there.dataset.pinned)
    const others = ({ item }) => there && !this.surface.view.mates(item ?? there).includes(there)
    return held.some(contact => contact.moved || others(contact))
  }

  // The tool that this contact is, and how it writes when that is not as chosen.
  equip(contact, event) {
    if (this.space || event.button === 1) return (contact.tool = this.toolbox.get("hand"))
    const set = this.part(event)
    if (set && set.tool !== "chosen") {
      contact.tool = this.toolbox.get(set.tool)
      if (set.tool === "eraser") contact.eraser = { mode: "cut", radius: set.stroke_width / 2 }
      else contact.look = this.pens.of(set.tool, set)
    } else if (event.button === 2 && event.pointerType === "mouse") contact.tool = this.toolbox.get("hand")
    if (contact.tool === this.toolbox.get("pen") && !contact.look) this.hands.give(contact)
  }

  // What is set for the part of the pen that touches: its second tip (button 5), its side button (2).
  part(event) {
    const { second_tip: tip, side_button: side } = this.state.preferences
    if (event.pointerType === "pen" && (event.button === 5 || event.buttons & 32)) return tip
    if (event.button === 2 || (event.pointerType === "pen" && event.buttons & 2)) return side
  }

  palm({ pointerType, width, height }) {
    const { on, size } = this.state.preferences.palm
    return on && pointerType === "touch" && Math.max(width, height) >= size
  }

  wipe(contact, { width, height }) {
    this.fingers.delete(contact.id)
    contact.tool = this.toolbox.get("eraser")
    contact.eraser = { mode: "cut", radius: Math.max(width, height) / 2 / this.surface.camera.view.scale }
  }

  move(event) {
    if (this.fingers.has(event.pointerId)) this.fingers.set(event.pointerId, [event.clientX, event.clientY])
    if (this.pinching) return this.spread()
    const contact = this.contacts.get(event.pointerId)
    if (!contact) return this.toolbox.current.hover?.(event)
    if (!contact.eraser && event.timeStamp - contact.event.timeStamp < GROWS && this.palm(event))
      return this.flatten(contact, event)
    const merged = event.getCoalescedEvents?.() ?? []
    this.update(contact, event)
    contact.tool.move?.(contact, merged.length ? merged : [event])
  }

  // A hand lays itself down finger first: what it had begun is taken back, and it wipes.
  flatten(contact, event) {
    contact.tool.cancel?.(contact)
    this.wipe(contact, event)
    contact.tool.down(contact)
  }

  up(event) {
    this.fingers.delete(event.pointerId)
    if (this.pinching && this.fingers.size < 2) this.pinching = null
    const contact = this.contacts.get(event.pointerId)
    if (!contact) return
    this.contacts.delete(event.pointerId)
    if (!this.contacts.size) this.surface.stage.classList.remove("carrying")
    if (event.type === "pointerup") this.update(contact, event)
    contact.tool[event.type === "pointerup" ? "up" : "cancel"]?.(contact)
    this.hands.take(contact)
    if (event.type === "pointerup") this.tapped(contact, event)
  }

  // Two taps on the empty ground show the whole page again.
  tapped(contact, { timeStamp }) {
    if (!contact.tool.holds || contact.moved || contact.tapped || contact.item) return (this.ground = null)
    const { ground } = this
    const again =
      ground &&
      timeStamp - ground.when < 350 &&
      Math.hypot(ground.at[0] - contact.at[0], ground.at[1] - contact.at[1]) < 30
    this.ground = again ? null : { when: timeStamp, at: contact.at }
    if (again) this.surface.camera.fit()
  }

  update(contact, event) {
    contact.at = [event.clientX, event.clientY]
    contact.page = this.surface.camera.toPage(event.clientX, event.clientY)
    contact.moved ||=
      Math.hypot(contact.at[0] - contact.from[0], contact.at[1] - contact.from[1]) >
      (contact.tool.steady?.(contact) ?? (contact.type === "mouse" ? 3 : 9))
    contact.shift = event.shiftKey
    contact.free = event.ctrlKey || event.altKey || event.metaKey
  }

  cancelAll() {
    this.letGo(({ tool }) => tool.cancel)
  }

  // The page turns under hands that write: what is written so far stays on the page they began on.
  finishAll() {
    this.letGo(({ tool }) => (tool.writes ? tool.up : tool.cancel))
  }

  letGo(how) {
    for (const contact of this.contacts.values()) {
      how(contact)?.call(contact.tool, contact)
      this.hands.take(contact)
    }
    this.contacts.clear()
    this.surface.stage.classList.remove("carrying")
  }

  pinch() {
    this.cancelAll()
    this.pinching = this.span()
  }

  spread() {
    const was = this.pinching,
      now = this.span()
    const { left, top } = this.surface.stage.getBoundingClientRect()
    this.surface.camera.pan(now.x - was.x, now.y - was.y)
    if (was.gap > 0) this.surface.camera.zoom(now.gap / was.gap, now.x - left, now.y - top)
    this.pinching = now
  }

  span() {
    const [[ax, ay], [bx, by]] = this.fingers.values()
    return { x: (ax + bx) / 2, y: (ay + by) / 2, gap: Math.hypot(ax - bx, ay - by) }
  }

  wheel(event) {
    event.preventDefault()
    const { camera, stage } = this.surface
    const { left, top } = stage.getBoundingClientRect()
    if (event.ctrlKey || event.metaKey)
      camera.zoom(Math.exp(-event.deltaY / 300), event.clientX - left, event.clientY - top)
    else camera.pan(-event.deltaX, -event.deltaY)
  }
}
