module Usher
  module Formats
    module Slides
      # Colours ("#rrggbb") made lighter, darker or stronger by names of the standard (ISO/IEC 29500-1, 20.1.2.3).
      module Tints
        GAMMA = 2.3 # of colours, where they are made lighter or darker by light
        SIXTH = 60.0 # degrees
        TURN = 100_000 / 60_000.0 # degrees of a share, which hues are said in

        # Each answers with the colour, changed by a share.
        CHANGES = {
          "tint" => ->(colour, by) { lit(colour) { |part| 1 - (1 - part) * by } },
          "shade" => ->(colour, by) { lit(colour) { |part| part * by } },
          "gamma" => ->(colour, _) { joined(parts(colour).map { |part| part**(1 / GAMMA) }) },
          "invGamma" => ->(colour, _) { joined(parts(colour).map { |part| part**GAMMA }) },
          "inv" => ->(colour, _) { joined(parts(colour).map { |part| 1 - part }) },
          "gray" => ->(colour, _) { joined([ parts(colour).zip(Toning::LUMA).sum { |part, weight| part * weight } ] * 3) },
          "lumMod" => ->(colour, by) { turned(colour) { |hue, saturation, light| [ hue, saturation, light * by ] } },
          "lumOff" => ->(colour, by) { turned(colour) { |hue, saturation, light| [ hue, saturation, light + by ] } },
          "lum" => ->(colour, by) { turned(colour) { |hue, saturation, _| [ hue, saturation, by ] } },
          "satMod" => ->(colour, by) { turned(colour) { |hue, saturation, light| [ hue, saturation * by, light ] } },
          "satOff" => ->(colour, by) { turned(colour) { |hue, saturation, light| [ hue, saturation + by, light ] } },
          "sat" => ->(colour, by) { turned(colour) { |hue, _, light| [ hue, by, light ] } },
          "hueMod" => ->(colour, by) { turned(colour) { |hue, saturation, light| [ hue * by, saturation, light ] } },
          "hueOff" => ->(colour, by) { turned(colour) { |hue, saturation, light| [ hue + by * TURN, saturation, light ] } },
          "comp" => ->(colour, _) { turned(colour) { |hue, saturation, light| [ hue + 180, saturation, light ] } }
        }.freeze

        class << self
          # As it is under a name that nobody knows.
          def change(colour, name, by) = CHANGES.key?(name) ? instance_exec(colour, by, &CHANGES[name]) : colour

          # So much darker (by under 0) or lighter, up to 1.
          def shaded(colour, by)
            share = 1 - by.abs
            lit(colour) { |part| by.negative? ? part * share : 1 - (1 - part) * share }
          end

          # Of hue in degrees, saturation and lightness from 0 to 1 (CSS Color 4, section 7).
          def from_hsl(hue, saturation, light)
            saturation, light = saturation.clamp(0, 1), light.clamp(0, 1)
            reach = saturation * [ light, 1 - light ].min
            joined([ 0, 8, 4 ].map { |n| k = (n + hue / 30) % 12; light - reach * [ -1, [ k - 3, 9 - k, 1 ].min ].max })
          end

          private

          def parts(colour) = colour.scan(/\h\h/).map { |part| part.hex / 255.0 }
          def joined(parts) = "##{parts.map { |part| format('%02x', (part * 255).round.clamp(0, 255)) }.join}"

          # With its parts changed as light, of which there is less than their numbers say.
          def lit(colour) = joined(parts(colour).map { |part| yield(part**GAMMA).clamp(0, 1)**(1 / GAMMA) })

          def turned(colour) = from_hsl(*yield(*hsl(colour)))

          def hsl(colour)
            red, green, blue = all = parts(colour)
            high, low = all.max, all.min
            light, spread = (high + low) / 2, high - low
            return [ 0, 0, light ] if spread.zero?
            [ sixths(red, green, blue, high, spread) * SIXTH, spread / (1 - (2 * light - 1).abs), light ]
          end

          def sixths(red, green, blue, high, spread)
            return (green - blue) / spread % 6 if high == red
            high == green ? (blue - red) / spread + 2 : (red - green) / spread + 4
          end
        end
      end
    end
  end
end
