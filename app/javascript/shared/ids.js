// An id no other browser makes: 20 letters and digits.
const LETTERS = "abcdefghijklmnopqrstuvwxyz0123456789"

export const newId = () =>
  Array.from(crypto.getRandomValues(new Uint8Array(20)), byte => LETTERS[byte % LETTERS.length]).join("")
