module Usher
  module Items
    # How lines are broken: in proportion to their width, so that they look alike at any.
    module Dash
      LENGTHS = { "solid" => nil, "dashed" => [ 3, 2.4 ], "dotted" => [ 0.01, 2.2 ] }.freeze
      KINDS = LENGTHS.keys.freeze

      # For SVG's stroke-dasharray, nil for a solid line.
      def self.array(kind, stroke_width)
        LENGTHS.fetch(kind)&.map { |length| Markup.number(length * stroke_width) }&.join(" ")
      end
    end
  end
end
