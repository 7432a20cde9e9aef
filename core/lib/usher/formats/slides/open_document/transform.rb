module Usher
  module Formats
    module Slides
      # What moves, turns, stretches and leans a shape (draw:transform, ISO/IEC 26300-1, 19.228), as one matrix: x' = ax + cy + e,
      # y' = bx + dy + f, in points.
      class OpenDocument::Transform
        STEEPEST = 1.4 # radians that anything leans
        LEAN = ->(angle) { -Math.tan(angle.clamp(-STEEPEST, STEEPEST)) }
        SAME = [ 1, 0, 0, 1, 0, 0 ].freeze
        # The numbers a to f of each part from those it is written with: angles against the clock, in radians.
        PARTS = {
          "matrix" => ->(*all) { all.size == 6 ? all : SAME },
          "rotate" => ->(angle = 0, *) { [ Math.cos(angle), -Math.sin(angle), Math.sin(angle), Math.cos(angle), 0, 0 ] },
          "scale" => ->(across = 1, down = across, *) { [ across, 0, 0, down, 0, 0 ] },
          "skewX" => ->(angle = 0, *) { [ 1, 0, LEAN.(angle), 1, 0, 0 ] },
          "skewY" => ->(angle = 0, *) { [ 1, LEAN.(angle), 0, 1, 0, 0 ] },
          "translate" => ->(across = 0, down = 0, *) { [ 1, 0, 0, 1, across, down ] }
        }.freeze
        WRITTEN = /(#{PARTS.keys.join('|')})\s*\(([^)]*)\)/
        LEAST, FARTHEST = 1e-6, 1e6

        # said: the attribute, or nil.
        def initialize(said)
          @a, @b, @c, @d, @e, @f = 1.0, 0.0, 0.0, 1.0, 0.0, 0.0
          said.to_s.scan(WRITTEN) { |name, values| join(*PARTS.fetch(name).call(*values.split(/[\s,]+/).reject(&:empty?).map { |value| number(value) })) }
        end

        # A place as it lies afterwards.
        def apply((x, y)) = [ @a * x + @c * y + @e, @b * x + @d * y + @f ]

        # Degrees clockwise.
        def turn = (Math.atan2(@b, @a) * 180 / Math::PI).round(3)

        # By how much it is stretched, before it is turned: [across, down].
        def stretch = [ [ Math.hypot(@a, @b), LEAST ].max, [ (@a * @d - @b * @c).abs / [ Math.hypot(@a, @b), LEAST ].max, LEAST ].max ]

        # How far it leans to the side, as a share of how far down it is; before it is turned.
        def lean = (@a * @c + @b * @d) / stretch.reduce(:*)

        private

        def number(value) = (OpenDocument::Node.points(value) || Float(value, exception: false) || 0.0).clamp(-FARTHEST, FARTHEST)

        # This, and then another.
        def join(a, b, c, d, e, f)
          @a, @b, @c, @d, @e, @f = a * @a + c * @b, b * @a + d * @b, a * @c + c * @d, b * @c + d * @d, a * @e + c * @f + e, b * @e + d * @f + f
        end
      end
    end
  end
end
