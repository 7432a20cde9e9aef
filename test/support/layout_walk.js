// What is wrong with the layout of what is in front at this moment, as sentences. The walk scrolls to every
// control, as a hand would, and looks at what lies at its middle.
(() => {
  const CONTROLS = "button, a[href], input:not([type=hidden]), select, textarea, summary, [role=button], [role=menuitem], [tabindex='0']:not(svg)"
  const found = []
  const sheet = [...document.querySelectorAll("dialog:modal")].at(-1)
  // On a narrow screen a panel with a way to close it lies over the tools, as a sheet does.
  const narrow = getComputedStyle(document.querySelector(".stage") ?? document.body).getPropertyValue("--narrow")
  const panel = narrow && [...document.querySelectorAll(".float, .store-panel")].find(one => one.checkVisibility())
  // A menu lies over what is around it until a tap beside it.
  const menu = [...document.querySelectorAll(".menu")].find(one => one.checkVisibility())
  const front = sheet || panel || menu || document.body
  const name = element =>
    `${element.tagName.toLowerCase()} “${(element.getAttribute("aria-label") ?? (element.innerText || element.title || element.name || element.className) ?? "").toString().trim().replace(/\s+/g, " ").slice(0, 40)}”`
  // A field is tapped by its label where that lies round it.
  const body = element => (element.matches("input[type=checkbox], input[type=radio], input[type=file], input[type=color], .sr-only") && element.closest("label")) || element
  const seen = element => element.checkVisibility({ opacityProperty: true, visibilityProperty: true }) && element.getBoundingClientRect().width > 0
  const bar = element => element.closest("[role=toolbar], nav, header, .tray, .trays, .bar, #label-bar, .player-bar, .running, .keyboard, .zoom")
  const words = element => element.matches("p a, li a, dd a, td a, small a, .field a, p button, .facts-open, h1 button")
  const outside = ({ left, top, right, bottom }) => left < -1 || top < -1 || right > innerWidth + 1 || bottom > innerHeight + 1
  // On how many lines a part of a text stands.
  const range = document.createRange()
  const rows = (node, from, length) => {
    range.setStart(node, from)
    range.setEnd(node, from + length)
    return new Set([...range.getClientRects()].filter(({ width }) => width).map(({ top }) => Math.round(top))).size
  }
  const kept = new Map([...document.querySelectorAll("*")].filter(one => one.scrollTop || one.scrollLeft).map(one => [one, [one.scrollLeft, one.scrollTop]]))

  const main = sheet && [...sheet.querySelectorAll(".button-main")].find(one => seen(one) && !one.disabled)
  if (main && outside(main.getBoundingClientRect())) found.push(`the main button of the sheet is out of sight: ${name(main)}`)
  if (document.documentElement.scrollWidth > innerWidth + 1) found.push(`the page is ${document.documentElement.scrollWidth} wide in a window of ${innerWidth}`)

  const more = document.querySelector("#chosen:not([hidden])") // it lies over the bar it was opened from
  for (const control of front.querySelectorAll(CONTROLS)) {
    if (more && control.closest("#label-bar")) continue
    if (!sheet && control.closest("dialog")) continue
    const target = body(control)
    if (!seen(target) || control.closest("[inert], [aria-hidden=true]") || control.id === "stage" || control.closest("#toasts")) continue
    target.scrollIntoView({ block: "nearest", inline: "nearest", behavior: "instant" })
    const box = target.getBoundingClientRect()
    if (outside(box)) found.push(`${name(control)} lies outside the window: ${[box.left, box.top, box.right, box.bottom].map(Math.round)}`)
    else {
      const at = document.elementFromPoint(box.left + box.width / 2, box.top + box.height / 2)
      const hit = at && (target.contains(at) || at.contains(target) && at.closest("label, a, button") === at || at.closest("label")?.control === control)
      if (at?.closest(".format-menu") && !control.closest(".format-menu")) continue // an open menu lies over what is beside it
      if (!hit && !control.disabled) found.push(`${name(control)} is covered by ${at ? name(at) : "nothing"}`)
    }
    const least = bar(control) ? 40 : 44
    const stretched = getComputedStyle(control, "::after").position === "absolute" // the whole card is its link
    if (!words(control) && !stretched && !control.disabled && Math.min(box.width, box.height) < least - 0.5) found.push(`${name(control)} is ${Math.round(box.width)} x ${Math.round(box.height)}`)
  }
  // Words of controls and headings that are cut.
  for (const element of front.querySelectorAll("button, a, label, h1, h2, h3, legend, th, dt, p")) {
    if (!sheet && element.closest("dialog") || !seen(element) || element.closest(".sr-only, [data-may-be-cut]")) continue
    const own = [...element.childNodes].some(node => node.nodeType === 3 && node.data.trim())
    if (!own) continue
    const { overflowX, display } = getComputedStyle(element)
    if (display !== "inline" && overflowX !== "visible" && element.scrollWidth > element.clientWidth + 1) found.push(`${name(element)} is cut`)
    if (element.closest("[data-given], .card-words, td")) continue
    const torn = [...element.childNodes].filter(node => node.nodeType === 3).flatMap(node => [...node.data.matchAll(/(?<!\S)[\p{L}\p{N}]{2,20}(?![^\s.,:;!?])/gu)].filter(({ index, 0: word }) => rows(node, index, word.length) > 1)).map(([word]) => word)
    if (torn.length) found.push(`${name(element)} breaks a word: ${torn.join(", ")}`)
  }
  for (const [one, [left, top]] of kept) Object.assign(one, { scrollLeft: left, scrollTop: top })
  return [...new Set(found)]
})()
