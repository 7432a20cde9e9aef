module Usher
  # What a teacher has set about pens, hands and the keyboard, and what they made: colours, widths.
  module Preferences
    TIP = Types::Record.new(tool: Types::Choice.new("chosen", "pen", "highlighter", "eraser"), colour: Types::Colour.new, stroke_width: Types::Number.new(Ink::STROKE_WIDTHS))
    LAYOUTS = %w[english german french spanish italian polish swedish greek russian ukrainian turkish hebrew arabic].freeze

    TYPES = {
      "colours" => Types::List.new(Types::Colour.new, 0..18),
      "stroke_widths" => Types::List.new(Types::Number.new(Ink::STROKE_WIDTHS), 0..8),
      # What the second end of a pen, its side button, and the right mouse button do.
      "second_tip" => TIP, "side_button" => TIP,
      # A contact at least so many CSS pixels across erases, whatever tool is chosen.
      "palm" => Types::Record.new(on: Types::Flag.new, size: Types::Number.new(25..250, digits: 0)),
      "steady" => Types::Number.new(4..60, digits: 0), # CSS pixels a hand may shake before it moves a thing
      "hands" => Types::Flag.new, # each hand at the wall its own colour
      "left_hand" => Types::Flag.new, # the hand that writes; at the wall tools and Next change sides
      "lively" => Types::Flag.new, # width follows pressure or speed
      "keyboard" => Types::Record.new(opens: Types::Flag.new, layout: Types::Choice.new(*LAYOUTS)),
      "symbols" => Types::List.new(Types::Line.new(8, blank: false), 0..20) # recently used, latest first
    }.freeze

    DEFAULTS = {
      "colours" => [], "stroke_widths" => [],
      "second_tip" => { "tool" => "eraser", "colour" => "#b3411d", "stroke_width" => 24 }, "side_button" => { "tool" => "highlighter", "colour" => "#e0a83a", "stroke_width" => 30 },
      "palm" => { "on" => true, "size" => 64 }, "steady" => 14, "hands" => true, "left_hand" => false, "lively" => true,
      "keyboard" => { "opens" => true, "layout" => "english" }, "symbols" => []
    }.freeze

    # The checked part of `set` (string keys); raises Invalid for anything unknown.
    def self.check(set)
      raise Invalid, "A setting must be named." unless set.is_a?(Hash) && set.any?
      set.to_h do |name, value|
        type = TYPES[name] or raise Invalid, "There is no setting #{name.to_s[0, 40].inspect}."
        [ name, Invalid.about("The setting #{name.to_s.tr('_', ' ')}") { type.call(value) } ]
      end
    end
  end
end
