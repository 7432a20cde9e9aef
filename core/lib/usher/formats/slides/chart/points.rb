module Usher
  module Formats
    module Slides
      # Points, and lines from one to the next, between two axes of values.
      class Chart::Points
        def initialize(pen, _kind, _categories, series, style)
          @pen, @series, @style = pen, series, style
        end

        def draw(box)
          @up = Chart::Scale.new(@series.flat_map { |one| one.values.compact }, low: @style.low, high: @style.high, step: @style.step, most: (box.height / ems(2)).floor)
          @on = Chart::Scale.new(@series.flat_map { |one| places(one).first(one.values.size) }, most: (box.width / ems(4)).floor)
          left, foot = @up.ticks.map { |value| @pen.width(said(value)) }.max + ems(0.8), ems(1.8)
          @plot = box.is_a?(Chart::Given) ? box : Geometry::Box.new(box.x + left, box.y + ems(0.6), box.width - left - ems(1.5), box.height - foot - ems(0.6), 0)
          @pen.wall(@plot, @style.wall)
          axes
          @series.each { |one| course(one) }
        end

        private

        def ems(n) = n * @pen.letters
        def said(value) = Chart::Numbers.say(value, @style.format)

        # How far across its values are: in their order, where nothing is said.
        def places(one) = one.places || (1..one.values.size).to_a

        def x(value) = @plot.x + @on.share(value) * @plot.width
        def y(value) = @plot.y + (1 - @up.share(value)) * @plot.height

        def axes
          right, low = @plot.x + @plot.width, @plot.y + @plot.height
          @up.ticks.each do |value|
            @pen.line([ [ @plot.x, y(value) ], [ right, y(value) ] ], @style.grid) if @style.grid
            @pen.write(said(value), @plot.x - ems(8.4), y(value) - ems(1), ems(8), ems(2), align: "right")
          end
          @on.ticks.each { |value| @pen.write(Chart::Numbers.say(value), x(value) - ems(3), low, ems(6), ems(1.8), align: "middle") }
          @pen.line([ [ @plot.x, @plot.y ], [ @plot.x, low ] ], @style.lines[:numbers]) if @style.lines[:numbers]
          @pen.line([ [ @plot.x, low ], [ right, low ] ], @style.lines[:names]) if @style.lines[:names]
        end

        def course(one)
          spots = one.values.zip(places(one)).filter_map { |value, place| [ x(place), y(value) ] if value && place }
          @pen.line(spots, one.colour(0), one.breadth) if spots.size > 1 && one.kind == "line"
          spots.each { |place| @pen.dot(*place, 3, one.colour(0)) }
        end
      end
    end
  end
end
