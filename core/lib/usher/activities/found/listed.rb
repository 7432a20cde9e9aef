module Usher
  module Activities
    module Found
      # An order from the lines of a list.
      module Listed
        LINES = 3..24
        SHORT = 80 # characters
        MARK = /\A\s*(?:[-–•*]|\d{1,2}[.)])\s+/ # what a line of a list may begin with

        module_function

        def on(items)
          Found.written(items).filter_map do |item|
            lines = item.words.split("\n").map { |line| line.sub(MARK, "").strip }.reject(&:empty?)
            next unless LINES.cover?(lines.size) && lines.uniq.size == lines.size && lines.all? { |line| line.length <= SHORT }
            Proposal.new(kind: "order", from: item.id, title: "In the right order", rows: [ [ nil, *lines ] ], settings: { "of" => "things" })
          end
        end
      end
    end
  end
end
