module Usher
  module Ink
    # How broad a stroke is at each of its points. An even nib is as broad everywhere; a lively one
    # follows the pressure, or the speed where the device tells no pressure (slow is broad, fast is
    # fine), and tapers towards both ends. A kept one is what an eraser left of a lively one: its
    # pressure says the breadth itself, half of it being the pen's. shared/nib.js computes the same while the ink is wet;
    # test/system/wet_and_dry_test.rb holds the two together.
    module Nib
      KINDS = %w[even lively kept].freeze
      FAST = 5.0 # page units a millisecond at which a stroke is as fine as it gets
      EASE = 0.3 # how quickly the breadth follows the speed, a share for each point
      TAPER = 3.0 # the ends taper over this many breadths
      TIP = 0.3 # and end at this share

      module_function

      # points: [[x, y, pressure or nil, ms], ...]; breadth: page units at half pressure. Answers with
      # a breadth for each point.
      def breadths(points, breadth, kind = "lively")
        return points.map { |point| 2 * breadth * (point[2] || 0.5) } if kind == "kept"
        tapers = tapers(points, breadth * TAPER)
        forces(points).each_with_index.map { |force, index| breadth * (0.4 + 1.2 * force) * tapers[index] }
      end

      # The points of a lively stroke as those of a kept one, for cutting it without new ends.
      def keep(points, breadth)
        breadths = breadths(points, breadth)
        points.each_with_index.map { |(x, y, _, ms), index| [ x, y, (breadths[index] / (2 * breadth)).clamp(0, 1).round(3), ms ] }
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

      # The share of its breadth that each point keeps near the ends; short strokes taper less, so
      # that a dot stays a dot.
      def tapers(points, reach)
        ways = ways(points)
        whole = ways.last
        strength = (1 - TIP) * [ whole / (2 * reach), 1 ].min
        ways.map do |done|
          near = done < whole - done ? done : whole - done
          near < reach ? 1 - strength * (1 - near / reach) : 1.0
        end
      end

      # How far the pen had gone at each point, in page units.
      def ways(points)
        way, px, py = 0.0, *points[0]
        points.map do |x, y|
          way += Math.sqrt((x - px)**2 + (y - py)**2)
          px, py = x, y
          way
        end
      end
    end
  end
end
