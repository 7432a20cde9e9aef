// At which moment of a take something is done, while one is recorded: the recorder says it, and every request
// takes it along.
let now = () => ({})

// tells(): { take, ms } while a take is recorded, else {}.
export const recordedBy = tells => {
  now = tells
}

export const moment = () => now()

// The same as headers of a request.
export function momentHeaders() {
  const { take, ms } = now()
  return take ? { "X-Usher-Take": take, "X-Usher-Ms": ms } : {}
}

// As a clock shows it: "07:05".
export const minutesAndSeconds = ms => {
  const seconds = Math.floor(ms / 1000)
  return `${String(Math.floor(seconds / 60)).padStart(2, "0")}:${String(seconds % 60).padStart(2, "0")}`
}
