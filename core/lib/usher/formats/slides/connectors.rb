module Usher
  module Formats
    module Slides
      # The ways of connectors from corner to corner of their box, by the names that files have for them (ISO/IEC 29500-1,
      # 20.1.10.56), in shares of the box. Each turns as often as its number says, less one.
      module Connectors
        # Places along, down and along again: how far the second, the third and the fourth leg lie.
        BENT = {
          "bentConnector2" => ->(*) { [ [ 0, 0 ], [ 1, 0 ], [ 1, 1 ] ] },
          "bentConnector3" => ->(a, *) { [ [ 0, 0 ], [ a, 0 ], [ a, 1 ], [ 1, 1 ] ] },
          "bentConnector4" => ->(a, b, *) { [ [ 0, 0 ], [ a, 0 ], [ a, b ], [ 1, b ], [ 1, 1 ] ] },
          "bentConnector5" => ->(a, b, c) { [ [ 0, 0 ], [ a, 0 ], [ a, b ], [ c, b ], [ c, 1 ], [ 1, 1 ] ] }
        }.freeze
        USUAL = 0.5

        module_function

        def known?(name) = BENT.key?(name.sub("curved", "bent"))
        def bent?(name) = BENT.key?(name)

        # The corners of a bent one. bends: { "adj1" => 0.5 }.
        def corners(name, bends) = BENT.fetch(name.sub("curved", "bent")).call(*(1..3).map { |n| bends.fetch("adj#{n}", USUAL) })

        # The cubic Bézier curves of a curved one, [[from, handle, handle, to], ...]: about each corner of a bent one, from the
        # middle of one leg to that of the next, with the ends where those are.
        def curves(name, bends)
          corners = corners(name, bends)
          return [ [ [ 0, 0 ], [ 0.5, 0 ], [ 1, 0.5 ], [ 1, 1 ] ] ] if corners.size == 3
          middle = ->(a, b) { a.zip(b).map { |one, other| (one + other) / 2.0 } }
          knots = [ corners.first, *corners[1..-2].each_cons(2).map { |a, b| middle.(a, b) }, corners.last ]
          corners[1..-2].zip(knots.each_cons(2)).map { |corner, (from, to)| [ from, middle.(from, corner), middle.(corner, to), to ] }
        end
      end
    end
  end
end
