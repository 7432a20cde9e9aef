module Usher
  module Classroom
    # How a lesson stands against its plan, and what could be shortened if it is late. Minutes and seconds.
    class Pace
      EASY = 60 # seconds that one may be late without a word
      NAMED = 3 # pages

      # plan: the minutes of each page, in order; at: the number of the page in view (from 0); taught: seconds of the
      # lesson so far; on_page: seconds on this page; length: minutes the lesson has, nil for those that are planned.
      def initialize(plan, at:, taught:, on_page:, length: nil)
        @plan, @at, @taught, @on_page = plan, at, taught, on_page
        @length = length || plan.sum
      end

      # Seconds that are left of the lesson, less than 0 once it is over.
      def left = @length * 60 - @taught

      # Seconds that what is to come wants: the rest of this page, and the pages after it.
      def wanted = [ (@plan[@at] || 0) * 60 - @on_page, 0 ].max + (@plan[@at + 1..] || []).sum * 60

      # Seconds that are missing; 0 where it fits.
      def late = [ wanted - left, 0 ].max

      # The numbers (from 1) of the longest pages to come, enough to make up for what is missing, in their order.
      def shorten
        return [] if late <= EASY
        missing = late
        coming = @plan.each_with_index.drop(@at + 1).select { |minutes, _| minutes.positive? }.sort_by { |minutes, index| [ -minutes, index ] }
        coming.take_while { |minutes, _| missing.positive?.tap { missing -= minutes * 30 } }.first(NAMED).map { |_, index| index + 1 }.sort
      end

      # In a sentence.
      def words
        return "In time." if late <= EASY
        pages = shorten
        "#{(late / 60.0).ceil} min late. #{pages.empty? ? 'This is the last page.' : "Shorten page #{pages.join(', ')}, or leave one out."}"
      end
    end
  end
end
