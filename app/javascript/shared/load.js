// Asks for a part of the screen and puts it into a place. Answers whether it came: what failed was said by then
// (shared/page), and what was called off is no error.
export const load = (verb, address, target) =>
  window.htmx.ajax(verb, address, { target, swap: "innerHTML" }).then(
    () => true,
    () => false
  )
