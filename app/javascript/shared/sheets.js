// What closes an open sheet (a modal dialog), the same everywhere: its own buttons, Esc, and a tap beside it that
// also began beside it while it was open. A sheet that says data-firm stays for such a tap. What was filled in and
// not yet kept is asked for first. The focus stays in an open sheet whatever is swapped in it.
import { choose } from "shared/choose"

const FILLED = "input:not([type=search], [type=file], [type=hidden]), textarea, select"
const FOCUSABLE = "button:not([disabled]), [href], input:not([type=hidden]), select, textarea, [tabindex='0']"

// The sheet in front, or undefined.
export const front = () => [...document.querySelectorAll("dialog:modal")].at(-1)

export function startSheets() {
  let began = null // where the pointer went down beside a sheet
  document.addEventListener(
    "pointerdown",
    event => {
      const sheet = front()
      began = sheet && beside(sheet, event) ? sheet : null
    },
    true
  )
  document.addEventListener("click", event => {
    const sheet = front(),
      away = event.target.closest("[data-close]")
    if (away) return leave(away.closest("dialog"), away.closest(".dialog-head") ? null : away.closest("form"))
    if (sheet && sheet === began && beside(sheet, event) && !("firm" in sheet.dataset)) leave(sheet)
  })
  document.addEventListener(
    "cancel",
    event => {
      if (event.target.tagName !== "DIALOG" || !pending(event.target)) return
      event.preventDefault()
      leave(event.target)
    },
    true
  )
  document.addEventListener("close", () => setTimeout(toStage), true)
  keepFocus()
}

const beside = (sheet, { target, clientX, clientY }) => {
  const { left, top, right, bottom } = sheet.getBoundingClientRect()
  return target === sheet && !(clientX >= left && clientX <= right && clientY >= top && clientY <= bottom)
}

// Forms that are kept by a button and say something else than they did when they came.
const unkept = sheet =>
  [...sheet.querySelectorAll("form:not([data-keeps])")].filter(
    form =>
      form.checkVisibility() &&
      form.querySelector("button:not([type=button])") &&
      [...form.querySelectorAll(FILLED)].some(changed)
  )

// A sheet in which something else goes on says data-unkept.
const pending = sheet => "unkept" in sheet.dataset || unkept(sheet).length > 0

function changed(field) {
  if (["checkbox", "radio"].includes(field.type)) return field.checked !== field.defaultChecked
  if (field.tagName !== "SELECT") return field.value !== field.defaultValue
  const usual = [...field.options].find(({ defaultSelected }) => defaultSelected) ?? field.options[0]
  return field.value !== usual?.value
}

// by: the form whose own button calls it off, which is meant.
async function leave(sheet, by = null) {
  if (!sheet?.open) return
  if (!by && pending(sheet)) {
    const answers = [
      ["leave", "Close without it"],
      ["stay", "Go on here"]
    ]
    if ((await choose("What you did here is not kept yet.", { answers, otherwise: "stay" })) === "stay") return
  }
  unkept(sheet).forEach(form => form.reset())
  sheet.close("no")
}

// Nothing has the focus once a sheet is gone whose opener is gone too: the page has it.
function toStage() {
  if (document.activeElement === document.body && !front()) document.getElementById("stage")?.focus()
}

const said = ({ id, name, dataset, textContent }) => ({
  id,
  name: name || dataset.key || dataset.number,
  text: textContent.trim()
})
const same = (had, all) =>
  had && all.find(one => ["id", "name", "text"].some(way => had[way] && said(one)[way] === had[way]))

// Something that scrolls is filled anew: what had the focus in it has it again, and nothing moves under a hand.
export function refill(place, html) {
  const { scrollTop } = place,
    { activeElement } = document
  const had = place.contains(activeElement) ? said(activeElement) : null
  window.htmx.swap(place, html, {})
  same(had, [...place.querySelectorAll(FOCUSABLE)])?.focus({ preventScroll: true })
  place.scrollTop = scrollTop
}

// What had the focus before a swap has it again after, as what says the same in its place.
function keepFocus() {
  let had = null
  document.addEventListener("htmx:beforeSwap", ({ target, detail }) => {
    const focused = document.activeElement
    had = (detail.target ?? target).contains(focused) ? said(focused) : null
  })
  document.addEventListener("htmx:afterSwap", ({ target, detail }) => {
    const sheet = front()
    if (!sheet || sheet.contains(document.activeElement)) return
    const all = [...sheet.querySelectorAll(FOCUSABLE)].filter(one => one.checkVisibility())
    const first = all.find(one => (detail.target ?? target).contains(one) || detail.elt?.contains(one))
    ;(same(had, all) ?? first ?? all[0] ?? sheet).focus({ preventScroll: true })
  })
}
