module Usher
  module Tidy
    module Shapes
      # One stroke that goes straight from end to end.
      module Line
        BENT = 0.035 # of its length a line may be bent

        module_function

        def fit(sketch)
          return unless sketch.strokes.size == 1 && sketch.size > 2 * Sketch::TINY
          stroke = sketch.calm(sketch.strokes.first)
          centre, along, = Path.straight(stroke)
          ways = stroke.map { |x, y| (x - centre[0]) * along[0] + (y - centre[1]) * along[1] }
          long = ways.max - ways.min
          return unless sketch.length < 1.08 * long && stroke.map { |point| beside(point, centre, along) }.max < BENT * long * 1.4
          off = Math.sqrt(stroke.sum { |point| beside(point, centre, along)**2 } / stroke.size) / long
          Fit.new(name: "line", kind: "line", values: between(centre, along, ways), error: off) if off < BENT
        end

        def beside((x, y), centre, along) = ((x - centre[0]) * along[1] - (y - centre[1]) * along[0]).abs

        def between(centre, along, ways)
          middle = (ways.first + ways.last) / 2
          centre = [ centre[0] + along[0] * middle, centre[1] + along[1] * middle ]
          half = (ways.last - ways.first) / 2
          angle = Shapes.upright(Math.atan2(along[1] * half, along[0] * half) * 180 / Math::PI)
          reach = Geometry.rotate([ half.abs, 0 ], angle)
          Items::Segment.between([ centre[0] - reach[0], centre[1] - reach[1] ], [ centre[0] + reach[0], centre[1] + reach[1] ])
        end
      end
    end
  end
end
