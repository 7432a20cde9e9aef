module Usher
  module Takes
    # The way of the laser pointer through a take.
    module Trail
      MOST = 40_000
      MS = Types::Number.new(0..43_200_000, digits: 0)
      PAGE = Types::Number.new(1..2**53, digits: 0)
      PLACE = Types::Number.new(-2_000..4_000, digits: 0)

      # raw: [[ms, page, x, y], ...] in page units, [ms, page] where the pointer went away, in any
      # order. Answers with the same as hashes { at:, page:, x:, y: }, in time. Raises Invalid.
      def self.read(raw)
        raise Invalid, "The pointer's way must be a list of at most #{MOST} places." unless raw.is_a?(Array) && raw.size <= MOST
        Invalid.about("A place of the pointer") do
          raw.map { |entry| place(entry) }.sort_by { |entry| entry[:at] }
        end
      end

      def self.place(entry)
        raise Invalid, "must be a time, a page and a place" unless entry.is_a?(Array) && [ 2, 4 ].include?(entry.size)
        at, page, x, y = entry
        { at: MS.call(at), page: PAGE.call(page), **(x ? { x: PLACE.call(x), y: PLACE.call(y) } : {}) }
      end
      private_class_method :place
    end
  end
end
