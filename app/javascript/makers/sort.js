// Filling in "sort into groups": names and tiles, kept as the one JSON value that the core checks.
let keys = 0
const words = face => face?.text ?? face ?? ""
const entry = ({ name, tiles = [] } = {}) => ({ key: keys++, name: words(name), text: tiles.map(words).join("\n") })

export default () => ({
  groups: [],

  get most() {
    return Number(this.$root.dataset.most)
  },

  init() {
    this.groups = JSON.parse(this.$root.dataset.groups).map(entry)
  },

  get content() {
    return JSON.stringify({
      groups: this.groups.map(({ name, text }) => ({
        name,
        tiles: text
          .split("\n")
          .map(tile => tile.trim())
          .filter(Boolean)
      }))
    })
  },

  rename(index, name) {
    this.groups[index].name = name
  },
  fill(index, text) {
    this.groups[index].text = text
  },
  add() {
    this.groups.push(entry())
  },
  drop(index) {
    this.groups.splice(index, 1)
  },

  // Rows of a table, tile and group: every tile goes to the group its row names.
  paste(index, event) {
    const rows = event.clipboardData
      .getData("text/plain")
      .split(/\r?\n/)
      .map(row => row.split("\t").map(cell => cell.trim()))
      .filter(row => row[0])
    if (!rows.length || rows.some(row => row.length < 2 || !row[1])) return
    event.preventDefault()
    for (const [tile, name] of rows) {
      let group =
        this.groups.find(group => group.name.trim().toLowerCase() === name.toLowerCase()) ??
        this.groups.find(group => !group.name.trim() && !group.text.trim())
      if (!group) {
        if (this.groups.length === this.most) continue
        this.groups.push(entry())
        group = this.groups.at(-1)
      }
      if (!group.name.trim()) group.name = name
      group.text = [group.text.trimEnd(), tile].filter(Boolean).join("\n")
    }
  }
})
