// Whether white reads better on a colour ("#rrggbb") than ink: the same as core/lib/usher/colour.rb.
export function dark(colour) {
  const parts = [1, 3, 5].map(at => parseInt(colour.slice(at, at + 2), 16) / 255)
  const linear = parts.map(part => (part <= 0.04045 ? part / 12.92 : ((part + 0.055) / 1.055) ** 2.4))
  return 0.2126 * linear[0] + 0.7152 * linear[1] + 0.0722 * linear[2] < 0.18
}
