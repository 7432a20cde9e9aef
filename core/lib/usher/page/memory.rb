module Usher
  module Page
    # A page held in memory, with the interface that operations need. Takes rewind one, tests write on one.
    class Memory
      attr_reader :style

      # placed: Placed items; style: as Style::DEFAULTS.
      def initialize(placed = [], style: Style::DEFAULTS)
        @placed = placed.to_h { |one| [ one.id, one ] }
        @style = style
      end

      def find(ids) = @placed.slice(*ids)
      def top = @placed.values.map(&:z).max || 0
      def bottom = @placed.values.map(&:z).min || 0

      # Items of this kind (nil: any) whose bounds meet the upright box; all of the kind without one.
      def near(box, kind) = @placed.values.select { |placed| placed.near?(box, kind) }

      def tied = @placed.values.select { |placed| placed.item.tied? }
      def from(pile) = @placed.values.select { |placed| placed.item.origin == pile }

      # All items, back to front.
      def stack = @placed.values.sort_by { |placed| [ placed.z, placed.id ] }

      # Applies an operation (a hash) and keeps what it did; answers with the Outcome.
      def run(hash, lenient: false)
        Operation.build(hash).run(self, lenient: lenient).tap { |outcome| keep(outcome) }
      end

      private

      def keep(outcome)
        outcome.put.each { |placed| @placed[placed.id] = placed }
        outcome.gone.each { |id| @placed.delete(id) }
        @style = @style.merge(outcome.style)
      end
    end
  end
end
