// What a tap on a thing does, and what taking from a pile is.
import { newId } from "shared/ids"

// A tap: links in a text first, then what the thing itself does. at: where on the screen; none by keys.
export function press({ surface, room, open }, item, at) {
  const linked =
    at &&
    document
      .elementsFromPoint(...at)
      .map(element => element.closest?.("a[href]"))
      .find(Boolean)
  if (linked) return open({ to: "address", address: linked.getAttribute("href") })
  if (!item) return
  const { item: id, cover, edge, area, link, leads, plays, framed, activity, kind, rolls } = item.dataset
  if (cover === "on" && !edge) return uncover(surface, item)
  if (link) return open(JSON.parse(link), { page: surface.page, item: id })
  if (leads) return open({ to: "address", address: leads })
  if (plays) return room.play(item, { focus: !at })
  if (framed) return room.frame(item)
  if (rolls) return surface.do({ verb: "roll", ids: [id] })
  if (kind === "activity") return open({ to: "activity", activity: Number(activity) }, { card: id })
  if (area) return surface.do({ verb: "change", changes: [{ id, set: { shown: area === "hidden" } }] })
}

function uncover(surface, item) {
  const on = surface.view.mates(item).filter(({ dataset }) => dataset.cover === "on")
  return surface.do({ verb: "change", changes: on.map(({ dataset }) => ({ id: dataset.item, set: { off: true } })) })
}

// parts: of a pile; ids: of the copies.
export function deal(parts, ids, by) {
  const group = ids.length > 1 ? { group: newId() } : {}
  return { verb: "deal", piles: parts.map(({ dataset }) => dataset.item), ids, by, ...group }
}
