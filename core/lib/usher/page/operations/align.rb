module Usher
  module Page
    module Operations
      # Lines things up: { "ids", "to" => "left" | "centre" | "right" | "top" | "middle" | "bottom" }.
      # Several go to the edge or the middle of the box around them, one alone (or one group) to the page's.
      class Align < Shift
        TO = { "left" => [ 0, 0 ], "centre" => [ 0, 0.5 ], "right" => [ 0, 1 ], "top" => [ 1, 0 ], "middle" => [ 1, 0.5 ], "bottom" => [ 1, 1 ] }.freeze # axis, share

        def apply(page, lenient:)
          @page = Geometry::Box.new(0, 0, *Style.size(page.style), 0)
          super
        end

        private

        def read_rest = @to = Invalid.about("Where to line up") { Types::Choice.new(*TO.keys).call(@hash["to"]) }

        def payload = { "ids" => @ids, "to" => @to }

        def distances(units)
          axis, share = TO.fetch(@to)
          frame = units.size == 1 ? @page : units.box
          units.map do |unit|
            by = [ 0, 0 ]
            by[axis] = along(frame, axis, share) - along(unit.box, axis, share)
            [ unit, by ]
          end
        end

        def along(box, axis, share) = axis.zero? ? box.x + box.width * share : box.y + box.height * share
      end
    end
  end
end
