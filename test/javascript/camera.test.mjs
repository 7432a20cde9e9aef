import test from "node:test"
import assert from "node:assert/strict"
import { Camera } from "surface/camera"
import { WholePage } from "surface/whole_page"

globalThis.ResizeObserver = class {
  observe() {}
}

// Styles say by --narrow that tools lie above and below the page.
globalThis.getComputedStyle = ({ clientWidth }) => ({ getPropertyValue: () => (clientWidth < 760 ? "1" : "") })

function camera({ width = 1000, height = 700, page = { width: 1600, height: 900 }, inset = "100 20 100 80" } = {}) {
  const stage = {
    clientWidth: width,
    clientHeight: height,
    dataset: { inset, narrow: "0 0 0 0" },
    addEventListener() {},
    getBoundingClientRect: () => ({ left: 10, top: 5 })
  }
  return new Camera(stage, { setAttribute() {}, querySelectorAll: () => [] }, page)
}

const near = (actual, expected) =>
  actual.forEach((value, index) => assert.ok(Math.abs(value - expected[index]) < 1e-6, `${actual} is not ${expected}`))

test("the page as large as the tools leave room, in the middle of it", () => {
  const shown = camera()
  shown.fit()
  assert.equal(shown.view.scale, 0.5)
  near(shown.toScreen(0, 0), [100, 20 + (600 - 450) / 2])
  near(shown.toScreen(1600, 900), [900, 20 + 75 + 450])
})

test("there and back, whatever the view", () => {
  const shown = camera()
  shown.restore([123.4, -56.7, 1.3])
  const [sx, sy] = shown.toScreen(321, 123)
  near(shown.toPage(sx + 10, sy + 5), [321, 123])
})

test("zooming keeps the place under the hand", () => {
  const shown = camera()
  shown.fit()
  const before = shown.toPage(300, 200)
  shown.zoom(2, 290, 195)
  near(shown.toPage(300, 200), before)
  assert.equal(shown.fitted, false)
})

test("it neither goes too near nor too far", () => {
  const shown = camera()
  shown.zoom(1e6)
  assert.equal(shown.view.scale, 12)
  shown.zoom(1e-9)
  assert.equal(shown.view.scale, 0.08)
})

test("panning moves the page with the hand", () => {
  const shown = camera()
  shown.fit()
  const [x, y] = shown.toScreen(0, 0)
  shown.pan(30, -20)
  near(shown.toScreen(0, 0), [x + 30, y - 20])
})

test("a panel beside the page makes it smaller, until it is put away", () => {
  const shown = camera()
  shown.fit()
  shown.makeRoom(200)
  near(shown.toScreen(1600, 900).slice(0, 1), [700])
  shown.makeRoom(0)
  near(shown.toScreen(1600, 900).slice(0, 1), [900])
})

test("on a narrow screen nothing stands beside the page, and tools below it take no more than half", () => {
  const shown = camera({ width: 400 })
  shown.fit()
  near(shown.toScreen(0, 0).slice(0, 1), [0])
  assert.equal(shown.stacked, true)
  const low = camera({ width: 400, height: 300 })
  low.stage.dataset.narrow = "0 0 0 270"
  assert.equal(low.room().height, 150)
})

test("a bar begins beside the tools, and ends on the screen", () => {
  const shown = camera()
  assert.deepEqual([shown.beside(-50, 300), shown.beside(400, 300), shown.beside(900, 300)], [100, 400, 692])
})

test("where a lesson was left is kept only when it is not the whole page", () => {
  const shown = camera()
  shown.fit()
  assert.equal(shown.place(), null)
  shown.restore([10, 20, 0.75])
  assert.deepEqual(shown.place(), [10, 20, 0.75])
})

test("a surface that shows its whole page", () => {
  const whole = new WholePage(
    { size: { width: 1600, height: 900 } },
    { clientWidth: 400, getBoundingClientRect: () => ({ left: 8, top: 4 }) }
  )
  near(whole.toScreen(1600, 900), [400, 225])
  near(whole.toPage(208, 104), [800, 400])
})
