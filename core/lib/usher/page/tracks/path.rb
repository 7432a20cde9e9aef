module Usher
  module Page
    module Tracks
      # Along a line or the edge of a shape, anywhere or from stop to stop. What moves is the middle of the
      # thing, or of all that it belongs together with: `offset` says how far from it the thing lies.
      class Path < Track
        def self.bound? = true

        # The polyline that an item of the page gives; whole: the box around what is to move on it.
        def self.line_of(path, _whole) = path.outline

        def moved(by) = to(middle.zip(by).map(&:sum))

        def placed(along = @item.along) = settle(along)

        # "path closed offset x,y x,y ...", closed as 0 or 1.
        def hint = [ super, @values["closed"] ? 1 : 0, pair(@values["offset"]), *@values["points"].map { |point| pair(point) } ].join(" ")

        private

        def pair(point) = point.map { |n| Markup.number(n) }.join(",")

        def offset = @values.fetch("offset", [ 0, 0 ])

        def middle = @item.box.centre.zip(offset).map { |at, off| at - off }

        def line = @line ||= Geometry::Polyline.new(@values["points"], closed: @values["closed"])

        # The nearest allowed point to one on the page.
        def to(point) = settle(line.nearest(point))

        def settle(share)
          share = line.stop(share, @values["stops"]) if @values["stops"].positive?
          { "along" => share.round(7), **centred(line.at(share)) }
        end

        def centred((x, y)) = { "x" => (x + offset[0] - @item.width / 2.0).round(2), "y" => (y + offset[1] - @item.height / 2.0).round(2) }
      end
    end
  end
end
