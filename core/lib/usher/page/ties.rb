module Usher
  module Page
    # What follows from other things on a page and is kept with an item: where it lies on a path that
    # changed, what is hidden, how many a pile has left, what an area adds up to, which of a group shows what it opens. After every operation
    # each tie looks at what changed; because what follows is always computed anew from the rest,
    # undoing an operation needs to undo nothing of it. A new tie is a new file in ties/.
    module Ties
      ORDER = %w[tracks covers piles areas signs].freeze # later ones read what earlier ones settle

      def self.registry
        @registry ||= Registry.new(Ties, File.join(__dir__, "ties"), missing: "kind of tie", except: %w[tie])
      end

      # page: as before the operation; outcome: what it did. Answers with the outcome and what follows.
      def self.settle(page, outcome)
        return outcome if outcome.put.empty? && outcome.gone.empty?
        overlay = Overlay.new(page)
        return outcome if overlay.tied.empty? && outcome.put.none? { |placed| placed.item.tied? }
        overlay.add(outcome)
        notes = [ outcome.note, *ORDER.filter_map { |name| registry.fetch(name).new(overlay, outcome).settle } ].compact
        overlay.outcome(outcome.inverse, notes.first)
      end

      autoload :Tie, "usher/page/ties/tie"
    end
  end
end
