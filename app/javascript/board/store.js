// What the board's buttons show and do. Alpine keeps it; the board itself is behind `attach`.
import { say } from "shared/say"

const WORDS = { kept: "every change kept", keeping: "keeping…" }
let board

export const boardStore = () => ({
  tool: "arrange", shape: "rectangle", kept: "kept", waiting: 0, bringing: null,
  pen: { colour: "#231a1e", breadth: 6, fill: null, card: "#f7dfa6", size: 40 },
  undo: false, redo: false, fitted: true, wings: false, zoom: "", page: 0, number: 1, pages: 1, minutes: 5, paper: "plain", nextWords: "",
  doors: false, here: 0, code: "", recording: null, takeClock: "",
  pageClock: "", pageShare: 0, over: false, lessonClock: "",

  attach(found) { board = found },

  get keptWords() { return WORDS[this.kept] ?? `${this.waiting} not kept yet, waiting for Usher` },
  get isShape() { return ["rectangle", "ellipse", "line", "arrow"].includes(this.tool) },
  get isClosed() { return ["rectangle", "ellipse"].includes(this.tool) },
  get inks() { return this.tool === "pen" || this.tool === "text" || this.isShape },

  choose(tool) { board.choose(tool); board.stage.focus() },
  chooseShape(shape) { this.shape = shape; board.choose(shape) },
  takeBack() { board.undo() },
  doAgain() { board.redo() },
  zoomIn() { board.camera.zoom(1.25) },
  zoomOut() { board.camera.zoom(0.8) },
  fit() { board.camera.fit() },
  actual() { board.camera.actual() },
  turnNext() { board.next() },
  turnBack() { board.previous() },

  front() { board.stack("front") },
  behind() { board.stack("back") },
  remove() { board.remove() },
  larger() { board.resize(1.2) },
  smaller() { board.resize(1 / 1.2) },
  edit() { board.editor.reopen(board.choice.elements()[0]) },

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
