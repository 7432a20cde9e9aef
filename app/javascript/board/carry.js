// Moving things by hand: the drawings follow at once, the core computes where they end up.
export class Carry {
  constructor(elements) {
    this.elements = elements
    this.before = elements.map(element => element.getAttribute("transform") ?? "")
  }

  get ids() { return this.elements.map(element => element.dataset.item) }

  // A transform in page units, put before each item's own.
  show(transform) { this.elements.forEach((element, index) => element.setAttribute("transform", `${transform} ${this.before[index]}`)) }

  back() { this.elements.forEach((element, index) => element.setAttribute("transform", this.before[index])) }
}

export const round = number => Math.round(number * 100) / 100
