// What a person can do on the board: a file each in commands/, which says its word, icon and key, where it fits
// (`where`: the tool that must be in hand; `mode`: prepare or teach; `fits`), whether it can be done now (`can`),
// whether it is on (`pressed`), and does it (`run`). Buttons are made from the same files (CommandHelper) and come to
// life here.
import { Part } from "surface/part"

export class Commands extends Part {
  static needs = ["state"]

  // known: { name: command }, as shared/registry finds them.
  constructor(parts, known) {
    super(parts)
    Object.assign(this, { parts, known })
  }

  // Whether it has anything to do with what is chosen and in hand.
  fits({ where, mode, fits }) {
    const here = (!where || where === this.state.tool) && (!mode || mode === this.parts.surface.mode)
    return here && (!fits || fits(this.parts))
  }

  can({ can }) {
    return !can || Boolean(can(this.parts))
  }

  run(name, given = {}) {
    return this.known[name].run(this.parts, given)
  }

  // An Alpine directive: x-command="undo", with what it is given in data-with.
  directive(button, { expression: name }, { effect }) {
    const command = this.known[name]
    button.addEventListener("click", () => this.run(name, button.dataset.with ? JSON.parse(button.dataset.with) : {}))
    effect(() => {
      if (command.can) button.disabled = !this.can(command)
      if (command.pressed) button.setAttribute("aria-pressed", Boolean(command.pressed(this.parts)))
    })
  }

  // On a bar of what is chosen only those that fit are to be seen.
  dress(bar) {
    for (const button of bar.querySelectorAll("[data-fits]"))
      button.hidden = !this.fits(this.known[button.dataset.fits])
  }
}
