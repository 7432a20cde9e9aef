module Usher
  module Activities
    module Found
      # Gaps from a text of some length.
      module Text
        WORDS = 10 # at the least

        module_function

        def on(items)
          Found.written(items).filter_map do |item|
            next if item.words.split.size < WORDS
            Proposal.new(kind: "gaps", from: item.id, title: Found.glimpse(item.words), text: Kinds::Gaps::Proposer.new(item.words).text, rows: [], settings: { "how" => "dragged" })
          end
        end
      end
    end
  end
end
