module Usher
  module Formats
    module Slides
      # How the colours of a picture are changed, as the rows of a matrix over red, green, blue, opacity and 1 (feColorMatrix of Filter
      # Effects 1).
      module Toning
        LUMA = [ 0.2126, 0.7152, 0.0722 ].freeze # how light red, green and blue are
        STILL = [ 0, 0, 0, 1, 0 ].freeze # opacity stays
        PALE = [ 0.5, -0.7 ].freeze # light and contrast of what is to be written on

        class << self
          # Each dot as light as it is between two colours ("#rrggbb").
          def between(dark, light)
            ends = [ dark, light ].map { |colour| colour.scan(/\h\h/).map { |part| part.hex / 255.0 } }
            ends.transpose.map { |from, to| [ *LUMA.map { |weight| weight * (to - from) }, 0, from ] } << STILL
          end

          # Lighter and with more contrast, each from -1 to 1; nil where nothing changes.
          def lighter(light, contrast)
            return if light.zero? && contrast.zero?
            slope = contrast.negative? ? 1 + contrast : 1 / [ 1 - contrast, 0.01 ].max
            Array.new(3) { |part| Array.new(4) { |other| part == other ? slope : 0 }.push((1 - slope) / 2 + light) } << STILL
          end
        end

        GREY = between("#000000", "#ffffff").freeze
      end
    end
  end
end
