module Usher
  module Activities
    module Kinds
      class Find
        # Part of a picture: a rectangle or an ellipse between two corners, or an outline through points; in shares of
        # its width and height. As a hash: { "shape" => "ellipse", "points" => [[x, y], [x, y]] }.
        class Area
          SHAPES = { "rectangle" => 2..2, "ellipse" => 2..2, "outline" => 3..200 }.freeze
          SMALLEST = 0.015 # of the picture, each way: less can hardly be met
          ROUND = 48 # points of an ellipse's outline

          # From outside. Raises Invalid.
          def self.read(given)
            shape, points = given.values_at("shape", "points") if given.is_a?(Hash)
            raise Invalid, "must be a rectangle, an ellipse or an outline" unless SHAPES.key?(shape)
            raise Invalid, "must have its points" unless points.is_a?(Array) && SHAPES[shape].cover?(points.size) && points.all? { |point| point.is_a?(Array) && point.size == 2 }
            area = new("shape" => shape, "points" => points.map { |point| point.map { |share| Pictured::SHARE.call(share) } })
            raise Invalid, "is too small to be met" if area.sides.min < SMALLEST
            area
          end

          # From text as to_s writes it; nil for none.
          def self.parse(text)
            shape, *numbers = text.split
            shape && { "shape" => shape, "points" => numbers.map { |number| Float(number, exception: false) }.each_slice(2).to_a }
          end

          def initialize(values)
            @shape, @points = values.values_at("shape", "points")
          end

          def to_h = { "shape" => @shape, "points" => @points }
          def to_s = [ @shape, *@points.flatten ].join(" ")

          # Whether a point [x, y] lies in it.
          def holds?(point) = polyline.inside?(point)

          # Its outline as points.
          def outline = polyline.points

          # A point in it: its middle, or else the first of a fine grid.
          def middle
            steps = (1..39).map { |step| step / 40.0 }
            [ centre, *steps.product(steps).map { |across, down| [ left + across * sides[0], top + down * sides[1] ] } ].find { |point| holds?(point) }.map { |share| share.round(4) }
          end

          # Its width and height.
          def sides = [ xs.max - left, ys.max - top ]

          private

          def xs = @points.map(&:first)
          def ys = @points.map(&:last)
          def left = xs.min
          def top = ys.min
          def centre = [ left + sides[0] / 2, top + sides[1] / 2 ]

          def polyline = @polyline ||= Geometry::Polyline.new(corners, closed: true)

          def corners
            case @shape
            when "outline" then @points
            when "rectangle" then [ [ left, top ], [ xs.max, top ], [ xs.max, ys.max ], [ left, ys.max ] ]
            else Array.new(ROUND) { |n| (2 * Math::PI * n / ROUND).then { |turn| [ centre[0] + sides[0] / 2 * Math.cos(turn), centre[1] + sides[1] / 2 * Math.sin(turn) ].map { |share| share.round(4) } } }
            end
          end
        end
      end
    end
  end
end
