// Where a stroke turns sharply: the same as core/lib/usher/ink/turns.rb.
const GENTLE = 0.766 // cosine of 40 degrees
const NEAR = 1 // page units

// Points [x, y] in page units: before, at and after the turn, none of them the same as the next.
export function sharp([ax, ay], [x, y], [bx, by]) {
  const one = Math.hypot(x - ax, y - ay),
    other = Math.hypot(bx - x, by - y)
  const cosine = ((x - ax) * (bx - x) + (y - ay) * (by - y)) / (one * other)
  return cosine < GENTLE && (Math.max(one, other) / 4) * Math.sqrt((1 - cosine) / 2) > NEAR
}
