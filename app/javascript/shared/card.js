// A lesson's card on the desk: its menu and its dialog for renaming.
export const card = () => ({
  open: false,
  toggle() {
    this.open = !this.open
  },
  shut() {
    this.open = false
  },
  about() {
    this.open = false
    window.htmx.trigger(this.$refs.form, "open")
    this.$refs.facts.showModal()
  }
})
