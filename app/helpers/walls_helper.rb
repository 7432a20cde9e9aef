module WallsHelper
  SORTS = { "came" => "As they came", "length" => "By length", "alphabet" => "From A to Z", "most" => "Most first" }.freeze

  # A button that asks for the wall with something else chosen, and what was chosen before. path: see walls/_wall.
  def wall_button(wall, path, words, **set)
    pressed = { "aria-pressed": set[:sort] == wall.sort } if set.key?(:sort)
    tag.button(words, type: "button", class: "button", "hx-get": path.(**wall.chosen.merge(set)), "hx-target": "#answers-body", **pressed.to_h)
  end

  def wall_cards(things, **given) = render(partial: "walls/card", collection: things, as: :thing, locals: given)
end
