module Usher
  module Tidy
    module Shapes
      # A straight shaft with a head at one end or at both: short lines that go back from the tip on
      # both sides.
      module Arrow
        HEAD = 0.45 # of the shaft's length a head may reach back
        ANGLES = (12..68).freeze # degrees between shaft and head
        SMALLEST = 0.05 # of it a head reaches back at least
        BEYOND = 0.1 # of the shaft's length the head may be off its end

        module_function

        def fit(sketch)
          return if sketch.strokes.size > 5
          ways = sketch.strokes.map { |stroke| Path.corners(sketch.calm(stroke), 0.045 * sketch.size) }
          pieces = ways.flat_map { |corners| corners.each_cons(2).to_a }
          shaft = pieces.max_by { |from, to| Path.distance(from, to) }
          rest = (pieces - [ shaft ]).reject { |from, to| Path.distance(from, to) < 0.04 * sketch.size }
          return if rest.size < 2 || rest.size > 9
          found = heads(shaft, rest) or return
          from, to = found[:end] ? shaft : shaft.reverse
          name = found.size == 2 ? "both" : "end"
          Fit.new(name: "arrow", kind: "arrow", values: Items::Segment.between(*straight(from, to)).merge("heads" => name), error: 0.02)
        end

        # Which ends of the shaft have a head: { end: true, start: true }; nil when anything else was drawn.
        def heads(shaft, rest)
          long = Path.distance(*shaft)
          near = rest.group_by { |piece| %i[start end].min_by { |at| piece.map { |place| Path.distance(place, tip(shaft, at)) }.max } }
          near if near.all? { |at, pieces| head?(pieces, *(at == :end ? shaft : shaft.reverse), long) }
        end

        def tip(shaft, at) = at == :start ? shaft[0] : shaft[1]

        # Whether these lines go back from the tip `to` on both sides of the shaft.
        def head?(pieces, from, to, long)
          ux, uy = (to[0] - from[0]) / long, (to[1] - from[1]) / long
          places = pieces.flatten(1).map { |x, y| [ ((x - to[0]) * ux + (y - to[1]) * uy) / long, ((y - to[1]) * ux - (x - to[0]) * uy) / long ] }
          ends = places.reject { |along, beside| Math.hypot(along, beside) < SMALLEST }
          sides = ends.partition { |_, beside| beside.positive? }
          sides.none?(&:empty?) && places.all? { |along, _| along.between?(-HEAD, BEYOND) } && ends.all? { |along, beside| along.negative? && ANGLES.cover?(Math.atan2(beside.abs, -along) * 180 / Math::PI) } &&
            pieces.any? { |piece| piece.any? { |place| Path.distance(place, to) < BEYOND * 1.2 * long } } &&
            sides.map { |side| side.map { |place| Math.hypot(*place) }.max }.then { |one, other| [ one, other ].min > 0.45 * [ one, other ].max }
        end

        def straight(from, to)
          long = Path.distance(from, to)
          angle = Shapes.upright(Math.atan2(to[1] - from[1], to[0] - from[0]) * 180 / Math::PI)
          [ from, Geometry.rotate([ long, 0 ], angle).zip(from).map(&:sum) ]
        end
      end
    end
  end
end
