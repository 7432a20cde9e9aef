module Usher
  module Page
    # What a page is besides its items: its paper and the paper's measures, its colour, its planned minutes, its cues
    # (changed one by one, see Operations::Cue), and its width and height, which it keeps for good.
    module Style
      TYPES = {
        "paper" => ->(value) { Papers.registry.fetch(value) && value },
        "measures" => ->(value) { value }, # checked with the paper, below
        "colour" => Types::Colour.new,
        "minutes" => Types::Number.new(0..600, digits: 0)
      }.freeze
      DEFAULTS = { "paper" => "plain", "measures" => {}, "colour" => Usher::Colour::WHITE, "minutes" => 5, "cues" => [], "width" => SIZE[0], "height" => SIZE[1] }.freeze
      NARROWEST = 0.2 # the shorter side of a page in shares of the longer


      # [width, height] in page units of a page in this style.
      def self.size(style) = DEFAULTS.merge(style).values_at("width", "height")

      # The width and height of a page with the proportions of these two measures, as part of a style.
      def self.shaped(width, height)
        sides = [ width, height ].map { |side| [ side / [ width, height ].max.to_f, NARROWEST ].max }
        %w[width height].zip(sides.map { |share| (share * LONGEST).round }).to_h
      end

      # The checked part of `set` (string keys); raises Invalid for anything unknown or out of range.
      # Measures come with their paper; a paper without any has its usual ones.
      def self.check(set)
        raise Invalid, "A page's change must name what changes." unless set.is_a?(Hash) && set.any?
        checked = set.to_h do |name, value|
          type = TYPES[name] or raise Invalid, "A page has no #{name.to_s[0, 40].inspect}."
          [ name, Invalid.about("The #{name} of the page") { type.call(value) } ]
        end
        return checked unless checked.key?("paper") || checked.key?("measures")
        raise Invalid, "Measures must come with their paper." unless checked.key?("paper")
        checked.merge("measures" => Papers.registry.fetch(checked["paper"]).check(checked["measures"] || {}))
      end
    end
  end
end
