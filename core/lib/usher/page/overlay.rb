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
      def outcome(inverse) = Outcome.new(put: @put.values, gone: @gone, style: @style, inverse: inverse)

      def find(ids) = @page.find(ids - @gone - @put.keys).merge(@put.slice(*ids))
      def near(box, kind) = @page.near(box, kind).reject { |placed| @gone.include?(placed.id) || @put.key?(placed.id) } + @put.values.select { |placed| placed.near?(box, kind) }
      def top = [ @page.top, *@put.values.map(&:z) ].max
      def bottom = [ @page.bottom, *@put.values.map(&:z) ].min
      def style = @page.style.merge(@style)
    end
  end
end
