module Usher
  module Ink
    # The stroke width at each point of a stroke. An even nib is as wide everywhere; a lively one follows the
    # pressure, or the speed where the device tells no pressure (slow is wide, fast is fine), and tapers
    # towards both ends. A kept one is what an eraser left of a lively one: its pressure says the width
    # itself, half of it being the pen's. surface/nib.js computes the same while the ink is wet;
    # test/system/wet_and_dry_test.rb holds the two together.
    module Nib
      KINDS = %w[even lively kept].freeze
      FAST = 5.0 # page units a millisecond at which a stroke is as fine as it gets
      EASE = 0.3 # how quickly the stroke width follows the speed, a share for each point
      TAPER = 3.0 # the ends taper over this many stroke widths
      TIP = 0.3 # and end at this share

      module_function

      # points: [[x, y, pressure or nil, ms], ...]; stroke_width: page units at half pressure. Answers with
      # the width at each point.
      def stroke_widths(points, stroke_width, kind = "lively")
        return points.map { |point| 2 * stroke_width * (point[2] || 0.5) } if kind == "kept"
        tapers = tapers(points, stroke_width * TAPER)
        forces(points).each_with_index.map { |force, index| stroke_width * (0.4 + 1.2 * force) * tapers[index] }
      end

      # The points of a lively stroke as those of a kept one, for cutting it without new ends.
      def keep(points, stroke_width, widths = stroke_widths(points, stroke_width))
        full = 2.0 * stroke_width
        points.each_with_index.map do |(x, y, _, ms), index|
          pressure = widths[index] / full
          [ x, y, pressure > 1 ? 1.0 : pressure.round(3), ms ]
        end
      end

      # The pressure at each point, 0 to 1, told or taken from the speed.
      def forces(points)
        force, px, py, pms = 0.5, *points[0].values_at(0, 1, 3)
        points.map do |x, y, pressure, ms|
          if pressure then force = pressure
          elsif ms && pms && ms > pms
            speed = Math.sqrt((x - px)**2 + (y - py)**2) / (ms - pms)
            force += ([ 0.85 - speed / FAST, 0.15 ].max - force) * EASE
            px, py, pms = x, y, ms
          end
          force
        end
      end

      # The share of its width that each point keeps near the ends; short strokes taper less, so
      # that a dot stays a dot.
      def tapers(points, reach)
        lengths = arc_lengths(points)
        whole = lengths.last
        strength = (1 - TIP) * [ whole / (2 * reach), 1 ].min
        lengths.map do |done|
          near = done < whole - done ? done : whole - done
          near < reach ? 1 - strength * (1 - near / reach) : 1.0
        end
      end

      # The length of the stroke up to each point, in page units.
      def arc_lengths(points)
        length, px, py = 0.0, *points[0]
        points.map do |x, y|
          length += Math.sqrt((x - px)**2 + (y - py)**2)
          px, py = x, y
          length
        end
      end
    end
  end
end
