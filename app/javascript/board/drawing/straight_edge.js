// Rulers and set squares lying on the page: which edge a stroke begins at, and where it is shown
// along it. Where the ink ends up is computed by the core (ink/straight_edge.rb), from the same edges.
import { nearestOn } from "surface/geometry"

const NEAR = 26 // CSS pixels from an edge
const INSIDE = 14 // or this far in

export function edgeAt({ page }, { view, camera }) {
  const { scale } = camera.view
  let nearest = null
  for (const element of view.svg.querySelectorAll("[data-edges]")) {
    const corners = element.dataset.edges.split(" ").map(point => point.split(",").map(Number))
    for (let index = 0; index < corners.length; index += 2) {
      const [a, b] = [corners[index], corners[index + 1]],
        { distance } = nearestOn(a, b, page)
      const outside = (page[0] - a[0]) * (b[1] - a[1]) - (page[1] - a[1]) * (b[0] - a[0]) > 0
      if (distance * scale > (outside ? NEAR : INSIDE) || distance >= (nearest?.distance ?? Infinity)) continue
      nearest = { id: element.dataset.item, ends: [a, b], distance }
    }
  }
  return nearest
}

// Points offset from the edge by half a stroke width, on its free side.
export function alongEdge(points, [[ax, ay], [bx, by]], stroke_width) {
  const length = Math.hypot(bx - ax, by - ay),
    ux = (bx - ax) / length,
    uy = (by - ay) / length
  return points.map(([x, y, ...rest]) => {
    const along = Math.min(length, Math.max(0, (x - ax) * ux + (y - ay) * uy))
    return [ax + ux * along + (uy * stroke_width) / 2, ay + uy * along - (ux * stroke_width) / 2, ...rest]
  })
}
