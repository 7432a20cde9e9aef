module Usher
  module Formats
    module Slides
      # A freely drawn outline: lines and curves as points, in the units it is given in.
      class Outline
        STEPS = 12 # points of a curve
        Part = Struct.new(:points, :closed)

        attr_reader :parts

        # From SVG path data; arcs become straight.
        def self.read(data)
          new.tap do |outline|
            data.to_s.scan(/([a-zA-Z])([^a-zA-Z]*)/) { |command, numbers| outline.follow(command, numbers.scan(/-?(?:\d+\.?\d*|\.\d+)(?:e-?\d+)?/i).map(&:to_f)) }
          end
        end

        def initialize
          @parts, @at = [], [ 0.0, 0.0 ]
        end

        def move(to)
          @at, @handle = to, nil
          @parts << Part.new([ to ], false)
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

        # Along an ellipse of these radii, from one angle by another (degrees clockwise).
        def arc(across, down, from, by)
          middle = [ @at[0] - across * Math.cos(from * Math::PI / 180), @at[1] - down * Math.sin(from * Math::PI / 180) ]
          steps = [ (by.abs / 10).ceil, 1 ].max
          (1..steps).each do |step|
            angle = (from + by * step / steps) * Math::PI / 180
            line([ middle[0] + across * Math.cos(angle), middle[1] + down * Math.sin(angle) ])
          end
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

        # The handle of a curve that goes on where the last one went.
        def onward = @handle ? @at.zip(@handle).map { |at, handle| 2 * at - handle } : @at

        def step(command, given, relative)
          base = relative ? @at : [ 0, 0 ]
          return line([ given[0] + base[0], @at[1] ]) if command == "h"
          return line([ @at[0], given[0] + base[1] ]) if command == "v"
          places = given.last(command == "a" ? 2 : given.size).each_slice(2).map { |place| place.zip(base).map(&:sum) }
          case command
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
