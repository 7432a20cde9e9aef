// The time of one go, counted on from what the server said; where it has a limit, what is left of it.
export const stopwatch = () => ({
  words: "",
  init() {
    const { seconds, stopped, limit } = this.$el.dataset
    this.limit = Number(limit)
    const began = Date.now() - Number(seconds) * 1000
    this.show(Number(seconds))
    if (stopped !== "true") this.timer = setInterval(() => this.show(Math.floor((Date.now() - began) / 1000)), 1000)
  },
  destroy() {
    clearInterval(this.timer)
  },
  show(passed) {
    const seconds = this.limit ? Math.max(0, this.limit - passed) : passed
    this.words = `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, "0")}`
  }
})
