module Usher
  module Activities
    # An activity made again as another kind, where its content allows. Kinds meet in a few plain shapes (see Kind#to_parts):
    #   "pairs"     [[face, face], ...]               "groups" [[face, [face, ...]], ...]
    #   "questions" [{ "ask", "right", "wrong" }, ...] "list"   [face, ...] in their order     "words" [text, ...]
    module Recast
      module_function

      # { name of a kind => its content } of all other kinds that this one (a Kind) can be made as.
      def of(kind)
        parts = enriched(kind.to_parts)
        Activities.registry.each.with_object({}) do |(name, other), found|
          content = other.from_parts(parts) unless kind.instance_of?(other)
          found[name] = other.build(content).content if content
        rescue Invalid
          next # not every content fits
        end
      end

      # What follows from pairs: questions with the partners of others as wrong answers, and single words.
      def enriched(parts)
        pairs = parts["pairs"] or return parts
        words = pairs.flatten.filter_map { |face| face["text"] }.grep(/\A[[:alpha:]]{3,14}\z/).uniq
        { "questions" => questions(pairs), "groups" => pairs.map { |one, other| [ one, [ other ] ] }, "words" => (words if words.any?) }.compact.merge(parts)
      end

      WRONG = 3 # wrong answers taken from others

      def questions(pairs)
        seconds = pairs.map(&:last)
        pairs.each_with_index.map { |(ask, right), index| { "ask" => ask, "right" => [ right ], "wrong" => (seconds.rotate(index + 1) - [ right ]).uniq.first(WRONG) } }
      end
    end
  end
end
