// What happened in this browser, for a journey that fails: the last events of hands and keys, what was said, what
// was fetched in vain. Told by test/support/witness.rb.
window.witness ??= { kept: [] }
{
  const keep = words => {
    witness.kept.push(`${Math.round(performance.now())} ${words}`)
    if (witness.kept.length > 60) witness.kept.shift()
  }
  const name = node =>
    node?.closest
      ? `<${node.localName}${node.id ? `#${node.id}` : ""}> ${(node.textContent ?? "").replaceAll(/\s+/g, " ").trim().slice(0, 24)}`
      : ""
  const HANDS = [
    "pointerdown",
    "pointerup",
    "pointercancel",
    "click",
    "touchstart",
    "touchcancel",
    "contextmenu",
    "focusin",
    "submit"
  ]
  for (const type of HANDS)
    addEventListener(
      type,
      event =>
        keep(`${type} ${Math.round(event.clientX ?? 0)},${Math.round(event.clientY ?? 0)} ${name(event.target)}`),
      true
    )
  addEventListener("keydown", event => keep(`keydown ${event.key} ${name(event.target)}`), true)
  addEventListener("error", event => keep(`error ${event.message ?? event.target.src ?? event.target.href}`), true)
  addEventListener("unhandledrejection", ({ reason }) => keep(`rejected ${reason?.message ?? reason}`))
  let moves = null // of one press, as one line
  addEventListener(
    "pointermove",
    ({ clientX, clientY, buttons }) => {
      if (!buttons) return
      if (moves && witness.kept.at(-1) === moves) witness.kept.pop()
      moves = `${Math.round(performance.now())} moved to ${Math.round(clientX)},${Math.round(clientY)}`
      witness.kept.push(moves)
    },
    true
  )
  for (const type of ["htmx:afterSwap", "htmx:responseError", "htmx:sendError"])
    document.addEventListener(type, ({ target }) => keep(`${type} ${name(target)}`))
  const { fetch: asked } = window
  window.fetch = async (...given) => {
    const answer = await asked(...given).catch(
      error => (keep(`fetch ${given[0]?.url ?? given[0]} ${error}`), Promise.reject(error))
    )
    const { method = "GET", body } = given[1] ?? {}
    const sent = typeof body === "string" ? body.slice(0, 120) : ""
    if (!answer.ok || method !== "GET") keep(`${method} ${new URL(answer.url).pathname} ${answer.status} ${sent}`)
    return answer
  }
}
