module Usher
  module Page
    # What a page is besides its items: its paper, its colour and its planned minutes.
    module Style
      TYPES = {
        "paper" => ->(value) { Types::Choice.new(*Paper::KINDS).call(value) },
        "colour" => Types::Colour.new,
        "minutes" => Types::Number.new(0..600, digits: 0)
      }.freeze
      DEFAULTS = { "paper" => "plain", "colour" => Usher::Colour::WHITE, "minutes" => 5 }.freeze

      # The checked part of `set` (string keys); raises Invalid for anything unknown or out of range.
      def self.check(set)
        raise Invalid, "A page's change must name what changes." unless set.is_a?(Hash) && set.any?
        set.to_h do |name, value|
          type = TYPES[name] or raise Invalid, "A page has no #{name.to_s[0, 40].inspect}."
          [ name, Invalid.about("The #{name} of the page") { type.call(value) } ]
        end
      end
    end
  end
end
