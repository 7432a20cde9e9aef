module Usher
  module Takes
    # The path of the laser pointer through a take.
    module Trail
      MOST = 40_000
      MS = Types::Number.new(0..43_200_000, digits: 0)
      PAGE = Types::Number.new(1..2**53, digits: 0)
      POINT = Types::Number.new(-2_000..4_000, digits: 0)

      # raw: [[ms, page, x, y], ...] in page units, [ms, page] where the pointer went away, in any
      # order. Answers with the same, checked and in time. Raises Invalid.
      def self.read(raw)
        raise Invalid, "The pointer's path must be a list of at most #{MOST} points." unless raw.is_a?(Array) && raw.size <= MOST
        Invalid.about("A point of the pointer") { raw.map { |entry| point(entry) }.sort_by(&:first) }
      end

      def self.point(entry)
        raise Invalid, "must be a time, a page and a point" unless entry.is_a?(Array) && [ 2, 4 ].include?(entry.size)
        at, page, *point = entry
        [ MS.call(at), PAGE.call(page), *point.map { |n| POINT.call(n) } ]
      end
      private_class_method :point
    end
  end
end
