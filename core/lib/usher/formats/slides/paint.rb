module Usher
  module Formats
    module Slides
      # What a form is filled with when that is more than a colour, as an SVG paint server (SVG 2, 14). Each answers
      #   definition(x, y, width, height, scale)  with markup of what URL refers to, for a box in user units; scale: user
      #                                           units of a point
      module Paint
        ID = "fill".freeze
        URL = "url(##{ID})".freeze

        # The middle of some colours ("#rrggbb"), where no more than one is to be had; with weights where they weigh.
        def self.mean(colours, weights = colours.map { 1 })
          "##{colours.map { |colour| colour.scan(/\h\h/).map(&:hex) }.transpose.map { |parts| format('%02x', (parts.zip(weights).sum { |part, weight| part * weight } / weights.sum.to_f).round) }.join}"
        end

        # A whole drawing that is filled with it.
        def svg(width, height, scale)
          size = { width: width.round(2), height: height.round(2) }
          Markup.tag("svg", { xmlns: "http://www.w3.org/2000/svg", **size }, definition(0, 0, width, height, scale) + Markup.tag("rect", { **size, fill: URL }))
        end
      end
    end
  end
end
