// Rulers and set squares lying on the page: which edge a stroke begins at, and where it is shown
// along it. Where the ink ends up is computed by the core (ink/straight_edge.rb), from the same edges.
const NEAR = 26 // CSS pixels from an edge
const INSIDE = 14 // or this far in

export function edgeAt({ page }, board) {
  const { scale } = board.camera.view
  let nearest = null
  for (const element of board.view.svg.querySelectorAll("[data-edges]")) {
    const places = element.dataset.edges.split(" ").map(place => place.split(",").map(Number))
    for (let index = 0; index < places.length; index += 2) {
      const ends = [places[index], places[index + 1]]
      const { away, outside } = from(page, ends)
      if (away * scale > (outside ? NEAR : INSIDE) || away >= (nearest?.away ?? Infinity)) continue
      nearest = { id: element.dataset.item, ends, away }
    }
  }
  return nearest
}

// Points moved beside the edge, half a stroke width away, on its free side.
export function alongEdge(points, [[ax, ay], [bx, by]], stroke_width) {
  const length = Math.hypot(bx - ax, by - ay), ux = (bx - ax) / length, uy = (by - ay) / length
  return points.map(([x, y, ...rest]) => {
    const along = Math.min(length, Math.max(0, (x - ax) * ux + (y - ay) * uy))
    return [ax + ux * along + uy * stroke_width / 2, ay + uy * along - ux * stroke_width / 2, ...rest]
  })
}

function from([x, y], [[ax, ay], [bx, by]]) {
  const dx = bx - ax, dy = by - ay
  const share = Math.min(1, Math.max(0, ((x - ax) * dx + (y - ay) * dy) / (dx * dx + dy * dy)))
  return { away: Math.hypot(x - ax - dx * share, y - ay - dy * share), outside: (x - ax) * dy - (y - ay) * dx > 0 }
}
