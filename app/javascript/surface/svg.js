// Making SVG elements.
const SVG = "http://www.w3.org/2000/svg"

export function make(name, attributes = {}) {
  return put(document.createElementNS(SVG, name), attributes)
}

export function put(element, attributes) {
  for (const [name, value] of Object.entries(attributes)) element.setAttribute(name, value)
  return element
}

// Puts a drawing that Ruby made, checked and escaped there, into an element in place of what it shows.
export function draw(element, svg) {
  element.innerHTML = svg
  return element
}
