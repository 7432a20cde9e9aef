// A web address or embed code becomes a card, or a page framed on this page once its host is allowed.
import { sheet } from "media/sheet"
import { send } from "shared/net"
import { newId } from "shared/ids"
import { ask } from "shared/ask"
import { say } from "shared/say"
import { Part } from "surface/part"

export default class WebSheet extends Part {
  static needs = ["room"]

  open(code = "") {
    this.sheet = sheet("web")
    this.sheet.querySelector("textarea").value = code
    send("GET", "/host").then(
      ({ hosts }) => this.hosts(hosts),
      () => {}
    )
    this.sheet.querySelector("[data-card]").addEventListener("click", () => this.try(() => this.card(this.code)))
    this.sheet.querySelector("[data-frame]").addEventListener("click", () => this.try(() => this.frame(this.code)))
  }

  hosts(names) {
    const place = this.sheet.querySelector("[data-hosts]")
    place.hidden = !names.length
    place.querySelector(".options").replaceChildren(
      ...names.map(host => {
        const button = Object.assign(document.createElement("button"), { type: "button", textContent: host })
        button.addEventListener("click", () =>
          send("DELETE", "/host", { host }).then(
            ({ hosts }) => this.hosts(hosts),
            error => say(error.message)
          )
        )
        return button
      })
    )
  }

  get code() {
    return this.sheet.querySelector("textarea").value.trim()
  }

  async try(action) {
    const problem = this.sheet?.querySelector(".problem")
    try {
      await action()
      this.sheet?.close()
    } catch (error) {
      if (problem?.isConnected) problem.textContent = error.message
      else throw error
    }
  }

  async card(address) {
    const { item } = await send("POST", "/link_card", { address })
    await this.put(item, [560, 150])
  }

  async frame(code) {
    const { item, host, allowed } = await send("POST", "/embed", { code })
    if (!allowed) {
      const yes = await ask(
        `May pages of ${host} be shown inside your lessons? They are closed off from Usher, but what they show is theirs.`,
        { action: `Allow ${host}`, field: false }
      )
      if (!yes) return
      await send("POST", "/host", { address: item.address })
      this.fresh = true
    }
    await this.put(item, [item.width ?? 900, item.height ?? 560])
    // A document's list of hosts is told when it is loaded.
    if (this.fresh) location.reload()
  }

  async put(item, [width, height]) {
    const [x, y] = this.room.middle()
    await this.room.put([
      { ...item, id: newId(), width, height, x: Math.round(x - width / 2), y: Math.round(y - height / 2) }
    ])
  }
}
