// The form of a spotlight as path data. at: its middle; size: how far it reaches to the sides and up and
// down, in page units.
export const outline = ([x, y], [w, h], round) =>
  round
    ? `M${x - w} ${y}A${w} ${h} 0 1 1 ${x + w} ${y}A${w} ${h} 0 1 1 ${x - w} ${y}Z`
    : `M${x - w} ${y - h}H${x + w}V${y + h}H${x - w}Z`
