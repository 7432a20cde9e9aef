// Whether a place lies inside a loop of places, by the even-odd rule.
export const inside = (loop, [x, y]) => loop.filter(([ax, ay], index) => {
  const [bx, by] = loop[(index + 1) % loop.length]
  return (ay > y) !== (by > y) && x < (bx - ax) * (y - ay) / (by - ay) + ax
}).length % 2 === 1
