# What goes into the sheet that is being made.
module SheetsHelper
  # A part as makers/sheet.js holds it. ids: of the questions in the bank it was drawn from.
  def part_json(kind, title, content, ids = [])
    { title: title, kind: kind, content: content, word: Usher::Activities.registry.fetch(kind).title, questions: Usher::Activities.registry.fetch(kind).build(content).questions, ids: ids }
  end

  # { kind: under what name its questions lie }
  def listed_kinds = Usher::Activities::Bank.kinds.index_with { |kind| Usher::Activities.registry.fetch(kind).listed }

  def take_in_button(title, kind, content, words = title)
    tag.button(words, type: "button", class: "button", data: { "take-in": part_json(kind, title, content).to_json })
  end
end
