module Usher
  module Page
    module Tracks
      # Anywhere inside a closed shape. In a box or an ellipse all of the thing stays inside, in other
      # shapes its middle does.
      class Area < Path
        def self.line_of(path, whole)
          path.outline(inset: [ whole.width / 2.0, whole.height / 2.0 ]).tap { |line| raise Invalid, "That is open: nothing can move inside it. Tap a closed shape." unless line.closed? }
        end

        def placed(_along = nil) = to(middle)

        private

        def to(point) = centred(line.inside?(point) ? point : line.at(line.nearest(point)))
      end
    end
  end
end
