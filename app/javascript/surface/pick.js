// Which item lies under a place on the screen; a thin line is hit from a few pixels away.
const AROUND = [
  [0, 0],
  [5, 0],
  [-5, 0],
  [0, 5],
  [0, -5],
  [9, 9],
  [-9, 9],
  [9, -9],
  [-9, -9]
]

export function itemAt(clientX, clientY, wanted = () => true) {
  for (const [dx, dy] of AROUND) {
    for (const element of document.elementsFromPoint(clientX + dx, clientY + dy)) {
      const item = element.closest?.("[data-item]")
      if (item && wanted(item)) return item
    }
  }
  return null
}
