// What the board's buttons show and do. Alpine keeps it; the board itself is behind `attach`.
import { say } from "shared/say"
import { shapes, SHAPES } from "board/shapes"

const WORDS = { kept: "every change kept", keeping: "keeping…" }
const kinds = shapes({ sides: 6, tips: 5 })
let board

export const boardStore = () => ({
  tool: "arrange", shape: "rectangle", kept: "kept", waiting: 0,
  pen: { colour: "#231a1e", stroke_width: 6, fill: null, card: "#f7dfa6", size: 40, font: "read", dash: "solid", opacity: 1, sides: 6, tips: 5 },
  marker: { colour: "#e0a83a", stroke_width: 30 }, eraser: { mode: "cut", radius: 20 }, tidy: false, looks: { open: false }, preferences: {}, inks: [], markers: [], stroke_widths: [],
  undo: false, redo: false, since: 0, lasso: false, adding: false, seen: "all", spotlight: false, magnifier: false, fitted: true, narrow: false, wings: false, zoom: "", page: 0, number: 1, pages: 1, minutes: 5, paper: "plain", measures: {}, pageColour: "#ffffff", nextWords: "",
  doors: false, here: 0, code: "", recording: null, takeClock: "",
  pageClock: "", pageShare: 0, over: false, lessonClock: "",

  attach(found) { board = found },

  get keptWords() { return WORDS[this.kept] ?? `${this.waiting} not kept yet, waiting for Usher` },
  get isShape() { return SHAPES.includes(this.tool) },
  get isClosed() { return this.isShape && kinds[this.tool].closed },
  get isText() { return this.tool === "text" || this.tool === "note" },
  get hasTray() { return this.isShape || this.isText || ["arrange", "pen", "highlighter", "eraser", "fill"].includes(this.tool) },
  // What the swatches, the widths and the slider of the tray are about.
  get writer() { return this.tool === "highlighter" ? this.marker : this.pen },
  get colours() { return this.tool === "highlighter" ? this.markers : this.inks },
  get strength() { return Math.round(this.pen.opacity * 100) },
  get ownColour() { return this.preferences.colours.includes(this.writer.colour) },
  get ownWidth() { return this.preferences.stroke_widths.includes(this.writer.stroke_width) },
  get madeWidth() { return ![...this.stroke_widths, ...this.preferences.stroke_widths].includes(this.writer.stroke_width) },

  choose(tool) { board.choose(tool); board.stage.focus() },
  setWriter(name, value) { this.writer[name] = value },
  mixed(colour) { this.writer.colour = colour; board.preferences.addColour(colour) },
  mixedFill(colour) { this.pen.fill = colour },
  forgetColour() { board.preferences.dropColour(this.writer.colour); this.writer.colour = this.colours[0] },
  keepWidth() { board.preferences.addWidth(this.writer.stroke_width) },
  forgetWidth() { board.preferences.dropWidth(this.writer.stroke_width) },
  toggleTidy() { this.tidy = !this.tidy; say(this.tidy ? "Tidy is on: shapes become exact, letters stay." : "Tidy is off.") },
  clearInk() { board.do({ verb: "clear" }) },
  steps(name, by, least, most) { this.pen[name] = Math.min(most, Math.max(least, this.pen[name] + by)) },
  prefer(name, value) { board.preferences.set({ [name]: value }) },
  preferPart(name, part, value) { board.preferences.set({ [name]: { ...this.preferences[name], [part]: value } }) },

  openSymbols() { board.symbols.show() },
  openTiles() { board.tiles.open() },
  openFormula() { board.formulas.open() },
  lay(kind, values) { board.lay(kind, values) },
  openKeyboard() { board.keyboard.show() },
  openSettings() { document.getElementById("settings").showModal() },
  toggleLooks() { this.looks = { open: !this.looks.open, ...board.look.offers() } },
  hideLooks() { if (this.looks.open) this.looks = { open: false } },
  paint(name, value) { board.look.set(name, value) },
  paintFill(colour) { board.look.fill(colour) },
  chooseShape(shape) { this.shape = shape; board.choose(shape) },
  takeBack() { board.undo() },
  doAgain() { board.redo() },
  zoomIn() { board.camera.zoom(1.25) },
  zoomOut() { board.camera.zoom(0.8) },
  fit() { board.camera.fit() },
  fillWidth() { board.camera.fillWidth() },
  actual() { board.camera.actual() },
  turnNext() { board.next() },
  turnBack() { board.previous() },

  front() { board.stack("front") },
  behind() { board.stack("back") },
  remove() { board.remove() },
  larger() { board.resize(1.2) },
  smaller() { board.resize(1 / 1.2) },
  edit() { board.edit(board.choice.elements()[0]) },
  tidyChosen() { board.tidy() },
  wholeAgain() { board.whole() },

  more() { board.chosen.toggle() },
  pin() { board.chosen.set({ pinned: "place" }) },
  unpin() { board.chosen.set({ pinned: "no" }) },
  uncover() { board.chosen.set({ off: true }) },
  coverAgain() { board.chosen.set({ off: false }) },
  copy() { board.clipboard.copy() },
  cut() { board.clipboard.cut() },
  paste() { board.clipboard.paste() },
  duplicate() { board.clipboard.duplicate() },
  chooseAll() { board.choice.all() },
  toggleAdding() { this.adding = !this.adding },
  useLasso(on) { this.lasso = on },
  group() { board.group() },
  ungroup() { board.ungroup() },
  cover(effect) { board.cover(effect) },
  coverFrom(edge) { board.coverFrom(edge) },
  crop() { board.media.run("crop", "begin") },
  clearColour() { board.media.run("pictures", "clear") },
  play() { const [chosen] = board.choice.elements(); board.choose("use"); chosen.dataset.framed ? board.media.frame(chosen) : board.media.play(chosen) },
  describe() { board.media.describe() },
  recordLink() { board.media.run("sound_recorder", "open", board.choice.ids()) },
  hear() { board.media.hear() },
  speakOnTap() { board.chosen.set({ link: { to: "speech", ...board.media.speech() } }) },
  keepInRoom() { board.media.keepSet() },
  chooseLink() { board.links.show() },
  seeAs(who) { this.seen = who; board.stage.dataset.seen = who },
  resetPage() { board.reset() },
  keepAsIs() { board.keepAsIs() },
  toggleSpotlight() { board.spotlight.toggle() },
  toggleMagnifier() { board.magnifier.toggle() },
  bringIn() { board.media.toggle() },
  media(part, action) { board.media.run(part, action) },
  showPages() { board.grid.show() },

  setPaper(paper) { board.restyle({ paper }) },
  setColour(colour) { board.restyle({ colour }) },
  setMinutes(minutes) {
    const number = Number(minutes)
    Number.isInteger(number) && number >= 0 && number <= 600 ? board.restyle({ minutes: number }) : say("Minutes go from 0 to 600.")
  },
  duplicatePage() { board.order.duplicate() },
  removePage() { board.order.remove() },
  earlier() { board.order.moveBy(-1) },
  later() { board.order.moveBy(1) },

  openDoors() { board.doors.show() },
  record() { this.recording ? board.recorder.stop() : board.recorder.start() },
  pauseTake() { this.recording === "paused" ? board.recorder.resume() : board.recorder.pause() },
  async fullScreen() {
    document.fullscreenElement ? await document.exitFullscreen() : await document.documentElement.requestFullscreen().catch(() => say("This browser does not let Usher fill the screen."))
  }
})
