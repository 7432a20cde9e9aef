// What the board's buttons show, and what is set with fields and swatches. Alpine keeps it; what a person can do is
// in commands/.
import { say } from "shared/say"
import { shapes, SHAPES } from "board/drawing/shapes"

const WORDS = { kept: "every change kept", keeping: "keeping…" }
const TRAYS = ["arrange", "pen", "highlighter", "eraser", "fill"]
const COLOURLESS = ["arrange", "eraser", "fill", "note"]
const WRITES = ["text", "note"]
const kinds = shapes({ sides: 6, tips: 5 })

// parts: of the board, which are there by the time anything is pressed.
export const boardState = parts => ({
  tool: "arrange",
  shape: "rectangle",
  kept: "kept",
  waiting: 0,
  pen: {
    colour: "#231a1e",
    stroke_width: 6,
    fill: null,
    card: "#f7dfa6",
    size: 40,
    font: "read",
    dash: "solid",
    opacity: 1,
    sides: 6,
    tips: 5
  },
  marker: { colour: "#e0a83a", stroke_width: 30 },
  eraser: { mode: "cut", radius: 20 },
  tidy: false,
  lasso: false,
  adding: false,
  looks: { open: false },
  preferences: {},
  inks: [],
  markers: [],
  stroke_widths: [],
  undo: false,
  deleted: false, // whether a page was just deleted
  redo: false,
  since: 0,
  seen: "all",
  spotlight: false,
  magnifier: false,
  fitted: true,
  closest: false,
  furthest: false,
  wide: false,
  narrow: false,
  wings: false,
  zoom: "",
  page: 0,
  number: 1,
  pages: 1,
  minutes: 5,
  paper: "plain",
  measures: {},
  pageColour: "#ffffff",
  turnWords: "",
  prompt: null, // the cues of the page in view: { page, next: { id, words }, cues: [{ id, words, run, broken }] }
  eyes: false,
  second: "", // what a second person at the other side writes with: a colour or "eraser"
  doors: false,
  poll: null, // the one that is open: { id, choices, answered, of, revealed, counts }
  here: 0,
  code: "",
  recording: null,
  takeClock: "",
  pageClock: "",
  pageShare: 0,
  over: false,
  lessonClock: "",

  get keptWords() {
    return WORDS[this.kept] ?? `${this.waiting} not kept yet, waiting for Usher`
  },
  get takeWords() {
    return { stopping: "Keeping…" }[this.recording] ?? (this.recording ? `Stop ${this.takeClock}` : "Record a take")
  },
  get isShape() {
    return SHAPES.includes(this.tool)
  },
  get isClosed() {
    return this.isShape && kinds[this.tool].closed
  },
  get isText() {
    return WRITES.includes(this.tool)
  },
  get hasColour() {
    return !COLOURLESS.includes(this.tool)
  },
  get hasTray() {
    return this.isShape || this.isText || TRAYS.includes(this.tool)
  },

  // What the swatches, the widths and the slider of the tray are about.
  get writer() {
    return this.tool === "highlighter" ? this.marker : this.pen
  },
  get colours() {
    return this.tool === "highlighter" ? this.markers : this.inks
  },
  get strength() {
    return Math.round(this.pen.opacity * 100)
  },
  get ownColour() {
    return this.preferences.colours.includes(this.writer.colour)
  },
  get ownWidth() {
    return this.preferences.stroke_widths.includes(this.writer.stroke_width)
  },
  get madeWidth() {
    return ![...this.stroke_widths, ...this.preferences.stroke_widths].includes(this.writer.stroke_width)
  },

  choose(tool) {
    if (this.isShapeName(tool)) this.shape = tool
    parts.toolbox.choose(tool)
    parts.surface.stage.focus()
  },
  chooseShape() {
    parts.toolbox.choose(this.shape)
  },
  isShapeName: tool => SHAPES.includes(tool),

  setWriter(name, value) {
    this.writer[name] = value
  },
  mixed(colour) {
    this.writer.colour = colour
    parts.preferences.addColour(colour)
  },
  mixedFill(colour) {
    this.pen.fill = colour
  },
  forgetColour() {
    parts.preferences.dropColour(this.writer.colour)
    this.writer.colour = this.colours[0]
  },
  keepWidth() {
    parts.preferences.addWidth(this.writer.stroke_width)
  },
  forgetWidth() {
    parts.preferences.dropWidth(this.writer.stroke_width)
  },
  steps(name, by, least, most) {
    this.pen[name] = Math.min(most, Math.max(least, this.pen[name] + by))
  },
  prefer(name, value) {
    parts.preferences.set({ [name]: value })
  },
  preferPart(name, part, value) {
    parts.preferences.set({ [name]: { ...this.preferences[name], [part]: value } })
  },

  hideLooks() {
    if (this.looks.open) this.looks = { open: false }
  },
  paint(name, value) {
    parts.look.set(name, value)
  },
  paintFill(colour) {
    parts.look.fill(colour)
  },
  useLasso(on) {
    this.lasso = on
  },

  // How letters look from now on, and those being written.
  letter(name, value) {
    this.pen[name] = value
    if (parts.editor.open) parts.editor.change({ [name]: value })
  },

  // What the bar says of an open poll.
  get pollWords() {
    const { choices, answered, of, counts, bars } = this.poll ?? { choices: [] }
    if (counts && bars && choices.length < 7) return choices.map(choice => `${choice} ${counts[choice]}`).join("  ·  ")
    const missing = of - answered
    return `${answered} of ${of} answered${missing > 0 ? `, ${missing} still thinking` : ""}`
  },
  get pollShown() {
    return Boolean(this.poll?.revealed)
  },
  showPoll(shown) {
    parts.doors.poll({ revealed: shown ? "1" : "0" })
  },
  closePoll() {
    parts.doors.poll({ closed: "1" })
  },

  // What Next will do.
  get nextWords() {
    return this.prompt?.next?.words ?? this.turnWords
  },
  get prompts() {
    return this.prompt?.cues ?? []
  },
  get atTheEnd() {
    return !this.prompt?.next && this.number >= this.pages
  },
  get canGoBack() {
    return this.prompts.some(({ run }) => run)
  },
  runCue(cue) {
    parts.fetched.run("board/teaching/prompter", "run", cue)
  },
  seeAs(who) {
    this.seen = who
    parts.surface.stage.dataset.seen = who
  },
  setPaper(paper) {
    parts.turning.restyle({ paper })
  },
  setColour(colour) {
    parts.turning.restyle({ colour })
  },
  setMinutes(minutes) {
    const number = Number(minutes)
    const valid = Number.isInteger(number) && number >= 0 && number <= 600
    valid ? parts.turning.restyle({ minutes: number }) : say("Minutes go from 0 to 600.")
  }
})
