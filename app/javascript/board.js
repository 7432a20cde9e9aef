// The board, in Prepare and in Teach: an assembly of parts around a surface. What a person can do with it is in
// board/commands and board/tools, a file each.
import htmx from "htmx"
import Alpine from "alpine"
import { startHtmx } from "shared/page"
import { room } from "shared/registry"
import { opener } from "shared/opening"
import { Surface } from "surface/surface"
import { Camera } from "surface/camera"
import { Contacts } from "surface/contacts"
import { Outbox } from "surface/outbox"
import { Entries } from "surface/entries"
import { Wire } from "surface/wire"
import { boardState } from "board/state"
import { Asking } from "board/asking"
import { Commands } from "board/commands"
import { Dialogs } from "board/dialogs"
import { Fetched } from "board/fetched"
import { Hearing } from "board/hearing"
import { Keeping } from "board/keeping"
import { Keys } from "board/keys"
import { Pens } from "board/pens"
import { Preferences } from "board/preferences"
import { Toolbox } from "board/toolbox"
import { Choice } from "board/arranging/choice"
import { Clipboard } from "board/arranging/clipboard"
import { Look } from "board/arranging/look"
import { Sheet } from "board/arranging/sheet"
import { Using } from "board/arranging/using"
import { BringIn } from "board/media/bring_in"
import { MediaRoom } from "board/media/room"
import { RunningOrder } from "board/pages/running_order"
import { Turning } from "board/pages/turning"
import { Doors } from "board/teaching/doors"
import { Playing } from "board/playing/playing"
import { Recorder } from "board/teaching/recorder"
import { Editor } from "board/writing/editor"
import { Keyboard } from "board/writing/keyboard"

const WINGS = 138 // CSS pixels beside the page, from which its wings say what they are

const element = name => document.getElementById(name)
const parts = { facts: JSON.parse(element("board").dataset.board) }
const [tools, commands, teaching] = await Promise.all([
  room("board/tools"),
  room("board/commands"),
  parts.facts.mode === "teach" && import("board/teaching/stage")
])
const { lesson, page, mode, sitting, lately, pages, view, mark, can, since, ...settings } = parts.facts
const svg = element("page-view")

startHtmx(htmx)
Alpine.store("board", boardState(parts))
const state = (parts.state = Alpine.store("board"))
const { preferences, inks, markers, stroke_widths } = settings
Object.assign(state, {
  preferences,
  inks,
  markers,
  stroke_widths,
  undo: can.undo,
  redo: can.redo,
  since,
  prompt: settings.prompt,
  eyes: settings.eyes
})

const surface = (parts.surface = new Surface({
  svg,
  wet: element("wet"),
  stage: element("stage"),
  facts: { lesson, page, mode, sitting, lately },
  camera: () =>
    new Camera(
      element("stage"),
      svg,
      pages.find(({ id }) => id === page)
    )
}))
svg.addEventListener("click", event => {
  if (event.target.closest("a")) event.preventDefault()
}) // links open in Use

parts.keeping = new Keeping(parts)
surface.outbox = new Outbox(new Entries(lesson, () => parts.keeping.full()), parts.keeping)
parts.preferences = new Preferences(state)
parts.commands = new Commands(parts, { ...commands, ...teaching?.commands })
parts.toolbox = new Toolbox(parts, tools)
for (const [name, Part] of Object.entries({ asking: Asking, pens: Pens, fetched: Fetched }))
  parts[name] = new Part(parts)
parts.choice = new Choice(parts, element("choice"), element("label-bar"))
parts.keyboard = new Keyboard({
  settings: () => state.preferences.keyboard,
  keep: keyboard => parts.preferences.set({ keyboard }),
  editor: () => (parts.editor.open ? parts.editor : null)
})
parts.edit = item => {
  const { formula, activity, rolls } = item.dataset
  if (rolls) return parts.fetched.run("board/making/faced", "change", item)
  if (formula) return parts.fetched.run("board/making/formula", "open", item)
  return activity ? parts.fetched.run("board/making/activity", "change", activity) : parts.editor.reopen(item)
}
parts.open = opener({
  page: number => parts.turning.visit(number),
  activity: (number, item) => parts.playing.open(number, item),
  sitting: () => sitting
})
parts.tidier = { drew: id => state.tidy && parts.fetched.run("board/drawing/tidier", "drew", id) }
parts.turning = new Turning(parts, pages)
parts.order = new RunningOrder(parts, element("running-order"))
const simple = {
  editor: Editor,
  sheet: Sheet,
  using: Using,
  clipboard: Clipboard,
  look: Look,
  recorder: Recorder,
  doors: Doors,
  room: MediaRoom,
  contacts: Contacts,
  bringIn: BringIn,
  playing: Playing,
  dialogs: Dialogs,
  keys: Keys
}
for (const [name, Part] of Object.entries(simple)) parts[name] = new Part(parts)
if (teaching) teaching.begin(parts)
parts.hearing = new Hearing(parts, mark)
parts.wire = new Wire(
  (...sent) => surface.live.perform(...sent),
  () => state.doors
)

const OVERVIEW = "board/pages/overview"
surface.camera.watch(({ view: { scale }, page: { width }, fitted, narrow }) => {
  if (!fitted && !parts.fetched.known(OVERVIEW)) parts.fetched.run(OVERVIEW, "draw")
  surface.ink.redraw()
  const wings = surface.stage.clientWidth - surface.camera.toScreen(width, 0)[0] > WINGS
  Object.assign(state, { fitted, narrow, wings, zoom: `${Math.round(scale * 100)} %`, ...surface.camera.limits })
})
surface.camera.restore(mode === "prepare" ? view : null)
parts.toolbox.rest()

Alpine.directive("command", (button, given, tools) => parts.commands.directive(button, given, tools))
Alpine.start()
performance.mark("usher:ready") // read by bench/open
