module Usher
  module Page
    module Operations
      # Makes the gaps between three or more things equal: { "ids", "along" => "across" | "down" }. The
      # first and the last stay where they are.
      class Distribute < Shift
        private

        def read_rest = @along = Invalid.about("The way to distribute") { Types::Choice.new("across", "down").call(@hash["along"]) }

        def payload = { "ids" => @ids, "along" => @along }

        def distances(units)
          raise Invalid, "Choose three or more things to make the gaps between them equal." if units.size < 3
          axis, start, size = @along == "across" ? [ 0, :x, :width ] : [ 1, :y, :height ]
          row = units.sort_by { |unit| unit.box[start] + unit.box[size] / 2.0 }
          first, last = row.first.box, row.last.box
          gap = (last[start] + last[size] - first[start] - row.sum { |unit| unit.box[size] }) / (row.size - 1.0)
          at = first[start]
          row.map do |unit|
            by = [ 0, 0 ]
            by[axis] = at - unit.box[start]
            at += unit.box[size] + gap
            [ unit, by ]
          end
        end
      end
    end
  end
end
