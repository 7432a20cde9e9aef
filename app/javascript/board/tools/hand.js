// Moves the page itself: with the middle button, or with the space bar held.
export const pan = (contact, { camera }) => {
  const last = contact.last ?? contact.from
  camera.pan(contact.at[0] - last[0], contact.at[1] - last[1])
  contact.last = contact.at
}

export default {
  make: ({ surface }) => ({ cursor: "grab", move: contact => pan(contact, surface) })
}
