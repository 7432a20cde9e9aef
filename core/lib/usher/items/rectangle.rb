module Usher
  module Items
    # A rectangle, its corners rounded by `round` page units.
    class Rectangle < Shape
      attribute :round, Types::Number.new(0..500), default: 0

      def draw = Markup.tag("rect", width: width, height: height, rx: (round if round.positive?), **paint)
    end
  end
end
