// The time of one go, counted on from what the server said.
export const stopwatch = () => ({
  words: "",
  init() {
    const { seconds, stopped } = this.$el.dataset
    const began = Date.now() - Number(seconds) * 1000
    this.show(Number(seconds))
    if (stopped !== "true") this.timer = setInterval(() => this.show(Math.floor((Date.now() - began) / 1000)), 1000)
  },
  destroy() {
    clearInterval(this.timer)
  },
  show(seconds) {
    this.words = `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, "0")}`
  }
})
