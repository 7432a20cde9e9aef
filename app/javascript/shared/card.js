// A lesson's card on the desk: its menu and its dialogs.
export const card = () => ({
  open: false,
  toggle() {
    this.open = !this.open
  },
  shut() {
    this.open = false
  },
  hand() {
    this.open = false
    this.$refs.hand.showModal()
  },
  about() {
    this.open = false
    window.htmx.trigger(this.$refs.form, "open")
    this.$refs.facts.showModal()
  }
})
