// What lies on the page that the maker covers, in a row over its table: dragged into a cell, or tapped for the cell
// that is written in.
import { markup, send } from "shared/net"
import { say } from "shared/say"
import { drag } from "surface/drag"

const SHAKY = 10 // CSS pixels within which a press stays a tap

// place: where the row comes; put(face, cell): what to do with one, cell being the element it was dropped on, or null.
export async function strip(place, put) {
  const { page, sitting } = document.getElementById("maker").dataset,
    { lesson } = JSON.parse(document.getElementById("board").dataset.board),
    seen = new URLSearchParams({ page, sitting, shelf: "page", part: "strip" })
  const html = await markup("GET", `/lessons/${lesson}/faces?${seen}`).catch(() => "")
  window.htmx.swap(place, html, { swapStyle: "innerHTML" })
  const take = async (id, cell) => {
    try {
      put(await send("POST", place.querySelector("[data-faces]").dataset.faces, { id }), cell)
    } catch (error) {
      say(error.message)
    }
  }
  place.addEventListener("click", event => {
    const thing = event.target.closest("[data-face]")
    if (thing && !event.detail) take(thing.dataset.face, null) // by a key; a hand's press is followed below
  })
  place.addEventListener("pointerdown", event => {
    const thing = event.target.closest("[data-face]")
    if (!thing || event.button) return
    event.preventDefault() // the caret stays in its cell
    carry(event, thing, cell => take(thing.dataset.face, cell))
  })
}

function carry(press, thing, drop) {
  const sheet = thing.closest("dialog")
  let ghost = null
  drag(press, {
    threshold: SHAKY,
    capture: null,
    begin: () => {
      ghost = sheet.appendChild(thing.firstElementChild.cloneNode(true))
      ghost.classList.add("maker-carried")
    },
    move: ({ clientX, clientY }) => Object.assign(ghost.style, { left: `${clientX}px`, top: `${clientY}px` }),
    end: ({ clientX, clientY }, dragged) => {
      ghost?.remove()
      const cell = dragged ? document.elementFromPoint(clientX, clientY)?.closest(".maker-cell") : null
      if (cell || !dragged) drop(cell)
    },
    cancel: () => ghost?.remove()
  })
}
