// How long to wait, in ms, before what failed so many times in a row is tried again: longer each time, and not the same
// for all, because when a server comes back thirty devices are waiting for it.
const SLOWEST = 8000

export const patience = failures => Math.min(SLOWEST, 500 * 2 ** failures) * (0.6 + 0.4 * Math.random())
