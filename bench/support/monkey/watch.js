// What goes wrong on a page, noted from its first moment; read and emptied by bench/monkey after every step.
;(() => {
  const watch = (window.monkey = { faults: [], changes: 0, offline: false })
  const fault = words => watch.faults.push(String(words).slice(0, 300))
  const quiet = words => watch.offline || /Failed to fetch|NetworkError|Load failed|AbortError|net::ERR|WebSocket/i.test(words)
  addEventListener("error", event => event.message && !/ResizeObserver loop/.test(event.message) && fault(`error: ${event.message} ${event.filename}:${event.lineno}`))
  addEventListener("unhandledrejection", ({ reason }) => quiet(reason?.message ?? reason) || fault(`rejected: ${reason?.stack ?? reason?.type ?? JSON.stringify(reason)} (${typeof reason})`))
  const { error } = console
  console.error = (...words) => (quiet(words.join(" ")) || fault(`console: ${words.map(word => word?.message ?? word).join(" ")}`), error(...words))
  for (const name of ["htmx:targetError", "htmx:swapError", "htmx:onLoadError"]) addEventListener(name, ({ detail }) => fault(`${name}: ${detail?.target ?? detail?.error ?? ""}`))
  addEventListener("htmx:responseError", ({ detail }) => detail.xhr.status >= 500 && fault(`${detail.xhr.status}: ${detail.xhr.responseURL}`))
  addEventListener("htmx:beforeRequest", () => watch.changes++)
  // Everything that was done on a board, as it was given to the browser's store, also over reloads; and what of it was
  // refused in words. bench/monkey looks whether the rest has been kept.
  const [LEDGER, REFUSED] = ["monkey:ledger", "monkey:refused"]
  const kept = key => {
    try {
      return localStorage.getItem(key) ?? ""
    } catch {
      return "" // a frame, or the browser's own page
    }
  }
  const lines = key => kept(key).split("\n").filter(Boolean).map(line => JSON.parse(line))
  const append = (key, value) => localStorage.setItem(key, `${kept(key)}${JSON.stringify(value)}\n`)
  for (const way of ["put", "add"]) {
    const own = IDBObjectStore.prototype[way]
    IDBObjectStore.prototype[way] = function (value, ...rest) {
      if (value?.to && value.id) append(LEDGER, { id: value.id, page: value.page, to: value.to, what: JSON.stringify(value.operation ?? "") })
      return own.call(this, value, ...rest)
    }
  }
  watch.done = () => lines(LEDGER)
  watch.refused = () => lines(REFUSED)
  // What still waits in the browser's store, as for a lesson that is not open any more.
  watch.waiting = async () => {
    const stores = await (async () => indexedDB.databases())().catch(() => []) // the browser's own page that says it is offline has none
    if (!stores.some(({ name }) => name === "usher")) return [] // opening would make one
    return new Promise(resolve => {
      const opening = indexedDB.open("usher")
      opening.onerror = () => resolve([])
      opening.onsuccess = () => {
        const all = opening.result.transaction("entries").objectStore("entries").getAll()
        all.onsuccess = () => (opening.result.close(), resolve(all.result.map(({ id }) => id)))
      }
    })
  }
  const refusedIn = async (asked, answer) => {
    const sent = JSON.parse(asked[1]?.body ?? "null")
    const ids = sent?.operations ? sent.operations.map(({ id }) => id) : [sent?.id]
    if (!answer.ok && answer.status < 500 && ![401, 403, 408, 429].includes(answer.status)) ids.forEach(id => append(REFUSED, id))
    const { refused } = answer.ok ? await answer.json() : {}
    if (refused) append(REFUSED, refused.id)
  }
  const ask = window.fetch
  window.fetch = async (...asked) => {
    watch.changes++
    const answer = await ask(...asked)
    if (answer.status >= 500) fault(`${answer.status}: ${answer.url}`)
    if (asked[1]?.method === "POST" && /^\/pages\/\d+\//.test(asked[0]) && typeof asked[1].body === "string") await refusedIn(asked, answer.clone()).catch(() => {})
    return answer
  }
  const sent = WebSocket.prototype.send
  WebSocket.prototype.send = function (...words) {
    watch.changes++
    return sent.apply(this, words)
  }
  window.confirm = () => (watch.changes++, true)
  window.alert = window.print = () => void watch.changes++
  window.open = () => (watch.changes++, null)
  addEventListener("DOMContentLoaded", () => {
    new MutationObserver(records => (watch.changes += records.length)).observe(document, { subtree: true, childList: true, attributes: true, characterData: true })
    if (performance.getEntriesByType("navigation")[0]?.type === "back_forward") fault(`went back in history: ${location.pathname}, from ${document.referrer}`)
  })
  addEventListener("focusin", () => watch.changes++)
  addEventListener("input", () => watch.changes++, true)
  addEventListener("fullscreenchange", () => watch.changes++)
  addEventListener("pagehide", () => watch.changes++)
  window.navigation?.addEventListener("navigate", () => watch.changes++) // a page that is slow in coming

  // Controls that can be tapped now, of what is in front: [{ name, x, y, tag, idle }, ...]. idle: a tap need not do
  // anything, as on what is chosen already. None while fingers have zoomed the document itself: then they are elsewhere.
  watch.controls = () => {
    if (visualViewport.scale !== 1) return []
    const front = [...document.querySelectorAll("dialog:modal")].at(-1) ?? document.body
    return [...front.querySelectorAll("button, a[href], input:not([type=hidden]), select, textarea, summary, [role=button], .page-tab")]
      .filter(one => !one.disabled && one.checkVisibility({ opacityProperty: true, visibilityProperty: true }) && !one.closest("[aria-hidden=true], #stage svg"))
      .map(one => {
        const { left, top, width, height } = one.getBoundingClientRect(),
          [x, y] = [left + width / 2, top + height / 2]
        const at = width && height && x > 0 && y > 0 && x < innerWidth && y < innerHeight && document.elementFromPoint(x, y)
        return at && (one.contains(at) || at.closest("label")?.control === one || at.closest("button, a") === one) && { one, x, y }
      })
      .filter(Boolean)
      .map(({ one, x, y }) => ({
        x,
        y,
        tag: one.tagName,
        name: `${one.tagName.toLowerCase()} “${(one.getAttribute("aria-label") ?? one.innerText ?? one.name ?? "").trim().replace(/\s+/g, " ").slice(0, 40)}”`,
        file: one.type === "file" || Boolean(one.querySelector?.("input[type=file]")),
        idle:
          ["true", "page"].includes(one.getAttribute("aria-pressed") ?? one.getAttribute("aria-current")) ||
          one.matches("input, select, textarea, [download], [target=_blank], a[href^='#'], a[href$='.pdf']") ||
          one.matches(".page-tab, [data-handle], #overview") ||
          (one.tagName === "BUTTON" && one.form?.matches(":invalid")) || // the browser says what is missing
          /^(Sign out)/.test(one.innerText ?? "")
      }))
  }

  // Whether a pen that comes down there writes.
  watch.paper = (x, y) => {
    const at = visualViewport.scale === 1 && document.elementFromPoint(x, y)
    return Boolean(at?.closest("#stage") && !at.closest("[data-over-stage], .glass-layer, .living"))
  }

  // What must not change by itself: the sheet in front, the page, the things on it.
  watch.state = () => ({
    sheet: [...document.querySelectorAll("dialog:modal")].at(-1)?.getAttribute("aria-label") ?? null,
    board: Boolean(document.getElementById("board")),
    page: document.querySelector(".page-tab[aria-current]")?.innerText ?? document.querySelector(".bar-turn b")?.innerText ?? null,
    items: [...document.querySelectorAll("#page-content [data-items] > [data-item]")].map(one => one.dataset.item).sort().join(),
    typing: document.querySelector(".typing[contenteditable=true]")?.innerText?.trim() || null,
    tool: document.querySelector("[data-tool][aria-pressed=true]")?.dataset.tool ?? null,
    title: document.title,
    path: location.pathname
  })
})()
