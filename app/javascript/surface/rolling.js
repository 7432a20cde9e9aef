// A die that was rolled tumbles, a spinner turns, a card flips, as its new drawing comes.
const MOVES = {
  die: [
    { rotate: "-540deg", scale: "0.7" },
    { rotate: "0deg", scale: "1" }
  ],
  spinner: [{ rotate: "-1440deg" }, { rotate: "0deg" }],
  flash_card: [{ scale: "0 1" }, { scale: "1 1" }]
}
const LASTS = { die: 900, spinner: 1600, flash_card: 260 } // ms

export function roll(element) {
  const { rolls } = element.dataset
  if (!MOVES[rolls] || matchMedia("(prefers-reduced-motion: reduce)").matches) return
  const part = rolls === "spinner" ? element.querySelector(".wheel-turning") : element
  part?.querySelectorAll(":scope > *").forEach(one => {
    const { x, y, width, height } = part.getBBox()
    one.style.transformOrigin = `${x + width / 2}px ${y + height / 2}px`
    one.animate(MOVES[rolls], { duration: LASTS[rolls], easing: "cubic-bezier(0.1, 0.6, 0.2, 1)" })
  })
}
