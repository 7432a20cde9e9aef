// One step back, whatever is in hand.
export default {
  word: "One step back",
  key: "Esc",

  run({ editor, asking, using, state, fetched, choice, toolbox }) {
    if (editor.open) return editor.close()
    if (asking.open) return asking.pick(null)
    if (using.id) return using.leave()
    for (const glass of ["spotlight", "magnifier"])
      if (state[glass]) return fetched.run(`board/glass/${glass}`, "toggle")
    choice.size ? choice.clear() : toolbox.rest()
  }
}
