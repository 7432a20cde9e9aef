// The camera of a surface that always shows its whole page: a device, a take. place: the element that the page
// fills.
export class WholePage {
  constructor(view, place) {
    Object.assign(this, { pageView: view, place })
  }

  get view() {
    return { x: 0, y: 0, scale: this.place.clientWidth / this.pageView.size.width }
  }

  toScreen(x, y) {
    const { scale } = this.view
    return [x * scale, y * scale]
  }

  toPage(clientX, clientY) {
    const { left, top } = this.place.getBoundingClientRect(),
      { scale } = this.view
    return [(clientX - left) / scale, (clientY - top) / scale]
  }
}
