module Usher
  module Items
    # What is partly under a cover: devices get a drawing without what is hidden.
    module Redacted
      # The same without what is hidden, for a drawing that leaves the teacher's hands.
      def redacted = hidden.empty? ? self : clone.tap { |copy| copy.instance_variable_set(:@redacted, true) }

      private

      def redacted? = @redacted || false

      # Of these points of the box, numbered ([[index, along, down], ...] in its own units), those under a
      # cover: [[from, to], ...] of their numbers (to: left out).
      def under(covers, points)
        found = points.filter_map { |index, along, down| index if covers.any? { |cover| cover.hides_point?(box.to_page(along, down)) } }
        found.slice_when { |a, b| b != a + 1 }.map { |run| [ run.first, run.last + 1 ] }
      end

      def hidden?(index) = hidden.any? { |from, to| index.between?(from, to - 1) }
    end
  end
end
