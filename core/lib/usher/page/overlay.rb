module Usher
  module Page
    # A page with the outcomes of some operations laid over it, none of them kept yet. Answers like
    # the page that operations are given (see Operation).
    class Overlay
      def initialize(page)
        @page = page
        @put, @gone, @style = {}, [], {}
      end

      def add(outcome)
        outcome.gone.each { |id| @put.delete(id) }
        @gone = (@gone + outcome.gone).uniq - outcome.put.map(&:id)
        outcome.put.each { |placed| @put[placed.id] = placed }
        @style = @style.merge(outcome.style)
      end

      # Everything that was laid over it, as one.
      def outcome(inverse, note = nil) = Outcome.new(put: @put.values, gone: @gone, style: @style, inverse: inverse, note: note)

      def find(ids) = @page.find(ids - @gone - @put.keys).merge(@put.slice(*ids))
      def near(box, kind) = over(@page.near(box, kind)) { |placed| placed.near?(box, kind) }
      def tied = over(@tied ||= @page.tied) { |placed| placed.item.tied? }
      def from(pile) = over(@page.from(pile)) { |placed| placed.item.origin == pile }
      def top = [ @page.top, *@put.values.map(&:z) ].max
      def bottom = [ @page.bottom, *@put.values.map(&:z) ].min
      def style = @page.style.merge(@style)

      private

      # What the page has found, without what is gone or changed, and what was laid over it.
      def over(found, &which) = found.reject { |placed| @gone.include?(placed.id) || @put.key?(placed.id) } + @put.values.select(&which)
    end
  end
end
