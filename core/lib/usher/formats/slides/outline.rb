module Usher
  module Formats
    module Slides
      # A freely drawn outline: lines and curves as points, in the units it is given in.
      class Outline
        STEPS = 20 # points of a curve
        TURN = 7.5 # degrees of an arc from one point to the next
        KAPPA = 0.5523 # of a quarter circle's radius, where the handle of its Bézier curve lies
        # fill, stroke: whether it is painted so; shade: how much darker (below 0) or lighter than the form's own fill, in
        # shares; run: parts of one run cut holes into each other.
        Part = Struct.new(:points, :closed, :fill, :stroke, :shade, :run)

        attr_reader :parts, :at

        # From SVG path data.
        def self.read(data)
          new.tap do |outline|
            data.to_s.scan(/([a-zA-Z])([^a-zA-Z]*(?:e-?\d+[^a-zA-Z]*)*)/) { |command, numbers| outline.follow(command, numbers.scan(/-?(?:\d+\.?\d*|\.\d+)(?:e-?\d+)?/i).map(&:to_f)) }
          end
        end

        def initialize
          @parts, @at, @run = [], [ 0.0, 0.0 ], 0
          @look = { fill: true, stroke: true, shade: 0 }
        end

        # How what follows is painted, until the next run.
        def paint(**look) = (@look = @look.merge(look)).tap { @parts.select { |part| part.run == @run }.each { |part| @look.each { |name, value| part[name] = value } } }

        # What follows is a form by itself.
        def apart(**look)
          @run += 1
          @look = { fill: true, stroke: true, shade: 0, **look }
        end

        def move(to)
          @at, @handle = to, nil
          @parts << Part.new([ to ], false, *@look.values_at(:fill, :stroke, :shade), @run)
        end

        def line(to)
          move(@at) if @parts.empty? || @parts.last.closed
          @parts.last.points << to
          @at, @handle = to, nil
        end

        # handles and end of a Bézier curve: [[x, y], ...].
        def curve(*knots)
          from = @at
          (1..STEPS).each { |step| line(Geometry::Polyline.on_bezier([ from, *knots ], step.fdiv(STEPS))) }
          @handle = knots[-2]
        end

        # Along the ellipse about a middle, from one angle by another; a line leads there, unless it begins.
        def around(middle, across, down, from, by, begins: false)
          start = on_ellipse(middle, across, down, from)
          begins || @parts.empty? ? move(start) : line(start)
          arc(across, down, from, by)
        end

        # Along an ellipse of these radii, from one angle by another (degrees clockwise).
        def arc(across, down, from, by)
          middle = @at.zip(on_ellipse([ 0, 0 ], across, down, from)).map { |at, off| at - off }
          steps = (by.abs / TURN).ceil.clamp(1, 72)
          (1..steps).each { |step| line(on_ellipse(middle, across, down, from + by * step / steps)) }
        end

        def close
          return if @parts.empty?
          @parts.last.closed = true
          @at = @parts.last.points.first
        end

        # One command of SVG path data.
        def follow(command, numbers)
          size = { "m" => 2, "l" => 2, "t" => 2, "h" => 1, "v" => 1, "q" => 4, "s" => 4, "c" => 6, "a" => 7, "z" => 0 }[command.downcase] or return
          return close if size.zero?
          numbers.each_slice(size).with_index do |given, index|
            break if given.size < size
            step(command.downcase == "m" && index.positive? ? "l" : command.downcase, given, command == command.downcase)
          end
        end

        private

        def on_ellipse(middle, across, down, angle) = [ middle[0] + across * Math.cos(angle * Math::PI / 180), middle[1] + down * Math.sin(angle * Math::PI / 180) ]

        # An elliptical arc of SVG (SVG 2, B.2.4): radii, turn of the ellipse, the long or the short way, clockwise or not.
        def swing(across, down, turn, long, clockwise, to)
          from = @at
          return line(to) if from == to || across.zero? || down.zero?
          x, y = Geometry.rotate(from.zip(to).map { |a, b| (a - b) / 2 }, -turn)
          across, down = across.abs, down.abs
          grow = Math.sqrt((x / across)**2 + (y / down)**2)
          across, down = across * grow, down * grow if grow > 1
          share = Math.sqrt([ ((across * down)**2 - (across * y)**2 - (down * x)**2) / ((across * y)**2 + (down * x)**2), 0 ].max) * (long == clockwise ? -1 : 1)
          cx, cy = share * across * y / down, -share * down * x / across
          start, finish = [ [ x - cx, y - cy ], [ -x - cx, -y - cy ] ].map { |px, py| Math.atan2(py / down, px / across) * 180 / Math::PI }
          by = (finish - start) % 360
          by -= 360 unless clockwise
          middle = Geometry.rotate([ cx, cy ], turn).zip(from, to).map { |c, a, b| c + (a + b) / 2 }
          steps = (by.abs / TURN).ceil.clamp(1, 72)
          (1..steps).each { |step| line(Geometry.rotate(on_ellipse([ 0, 0 ], across, down, start + by * step / steps), turn).zip(middle).map(&:sum)) }
        end

        # The handle of a curve that goes on where the last one went.
        def onward = @handle ? @at.zip(@handle).map { |at, handle| 2 * at - handle } : @at

        def step(command, given, relative)
          base = relative ? @at : [ 0, 0 ]
          return line([ given[0] + base[0], @at[1] ]) if command == "h"
          return line([ @at[0], given[0] + base[1] ]) if command == "v"
          places = given.last(command == "a" ? 2 : given.size).each_slice(2).map { |place| place.zip(base).map(&:sum) }
          case command
          when "a" then swing(*given[0, 3], given[3] == 1, given[4] == 1, places[0])
          when "m" then move(places[0])
          when "c", "q" then curve(*places)
          when "s", "t" then curve(onward, *places)
          else line(places.last)
          end
        end
      end
    end
  end
end
