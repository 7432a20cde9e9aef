module Usher
  module Items
    # How lines are broken: in proportion to their width, so that they look alike at any. A line from a file may have lengths of
    # its own, dashes and gaps by turns in stroke widths: "8 3 1 3".
    module Dash
      LENGTHS = { "solid" => nil, "dashed" => [ 3, 2.4 ], "dotted" => [ 0.01, 2.2 ] }.freeze
      KINDS = LENGTHS.keys.freeze
      OWN = /\A\d{1,3}(\.\d{1,2})?( \d{1,3}(\.\d{1,2})?){1,31}\z/

      # The value of an item's attribute.
      class Type < Types::Choice
        def initialize = super(*KINDS)

        def call(value) = value.is_a?(String) && value.match?(OWN) && value.split.size.even? && value.match?(/[1-9]/) ? value : super
      end

      class << self
        # Of [[dash, gap], ...] in stroke widths; "dashed" where that is more than a line may have.
        def own(lengths)
          said = lengths.flatten.map { |length| Markup.number(length.clamp(0.01, 999).round(2)) }.join(" ")
          said.match?(OWN) ? said : "dashed"
        end

        # For SVG's stroke-dasharray, nil for a solid line.
        def array(kind, stroke_width)
          lengths = LENGTHS.fetch(kind) { kind.split.map(&:to_f) }
          lengths&.map { |length| Markup.number(length * stroke_width) }&.join(" ")
        end

        # For SVG's stroke-linecap; solid: that of a line that is not broken.
        def cap(kind, solid: "round")
          return solid if kind == "solid"
          LENGTHS.key?(kind) ? "round" : "butt"
        end
      end
    end
  end
end
