module CuesHelper
  # The operation that adds a cue to a page, and lets its thing wait for it.
  def cue_added(kind, item = nil, **given)
    cue = { verb: "cue", put: { id: SecureRandom.alphanumeric(12), verb: kind.verb, item: item&.id, **given }.compact }
    waiting = item ? kind.waiting.reject { |name, value| item.all[name] == value } : {}
    together [ cue, ({ verb: "change", changes: [ { id: item.id, set: waiting } ] } if waiting.any?) ]
  end

  # The operation that takes a cue off; what only it would have brought in is seen again.
  def cue_removed(prompt, cue)
    thing = prompt.thing(cue)
    others = prompt.cues.any? { |other| other.id != cue.id && other.item == cue.item && other.is_a?(cue.class) }
    shown = cue.is_a?(Usher::Cues::Show) && thing&.audience == "nobody" && !others
    together [ { verb: "cue", remove: cue.id }, ({ verb: "change", changes: [ { id: cue.item, set: { audience: "both" } } ] } if shown) ]
  end

  # A field of a cue that is there: sets one of its values. per: how many of what is shown make one of what is kept.
  def cue_field(cue, name, label, per: 1, **options)
    value = cue.given[name].then { |kept| Usher::Markup.number(per == 1 ? kept : (kept * per).round) if kept }
    tag.label(safe_join([ label, " ", tag.input(class: "input", type: "number", step: "any", value: value, data: { cue: cue.to_h.to_json, set: name, per: per }, **options) ]), class: "field cue-field")
  end

  # The same for words.
  def cue_words(cue, name, label)
    tag.label(safe_join([ label, " ", tag.textarea(cue.given[name], class: "input", rows: 2, data: { cue: cue.to_h.to_json, set: name }) ]), class: "field cue-field")
  end

  # The cues of a page as small diamonds on its stretch of the running order.
  def cue_marks(page)
    return if page.cues.empty?
    tag.span("◆" * [ page.cues.size, 6 ].min + (page.cues.size > 6 ? " #{page.cues.size}" : ""), class: "cue-marks", title: count_of(page.cues.size, "cue"))
  end

  private

  def together(steps) = steps.compact.then { |done| done.one? ? done.first : { verb: "together", steps: done } }
end
