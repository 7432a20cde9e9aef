// A lesson's card on the desk: its menu and its dialog for renaming.
export const card = () => ({
  open: false,
  toggle() { this.open = !this.open },
  shut() { this.open = false },
  rename() { this.open = false; this.$refs.facts.showModal() },
  cancel() { this.$refs.facts.close() }
})
