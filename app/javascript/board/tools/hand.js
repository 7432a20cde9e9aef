// Moves the page itself: with the middle button, or with the space bar held.
export const cursor = "grab"

export function move(contact, board) {
  const last = contact.last ?? contact.from
  board.camera.pan(contact.at[0] - last[0], contact.at[1] - last[1])
  contact.last = contact.at
}
