// A new text at a point of the page, as wide as there is room up to a line that reads well.
const NARROWEST = 240,
  WIDEST = 760 // page units

export function newText({ surface, editor, state }, [x, y]) {
  const { colour, size, font } = state.pen
  const width = Math.max(NARROWEST, Math.min(WIDEST, surface.camera.page.width - x - 40))
  editor.start({ kind: "text", x, y: y - size * 0.65, width, height: size * 1.3, size, colour, font })
}
