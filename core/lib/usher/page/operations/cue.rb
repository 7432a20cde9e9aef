module Usher
  module Page
    module Operations
      # Changes the cues of a page, one at a time: { "put" => cue, "at" => place } adds one or changes it where it is;
      # { "remove" => id }; { "move" => id, "at" => place }. Places are counted from 0; without one it is the last.
      class Cue < Operation
        PLACE = Types::Maybe.new(Types::Number.new(0..Cues::MOST, digits: 0))

        def apply(page, lenient:)
          was = page.style["cues"] || []
          at = was.index { |cue| cue["id"] == @id }
          return missing(lenient) if at.nil? && !@cue
          raise Invalid, "A page has at most #{Cues::MOST} cues." if at.nil? && was.size >= Cues::MOST
          now = changed(was, at)
          Outcome.new(style: { "cues" => now }, inverse: (inverse(was, at) unless now == was))
        end

        private

        def read
          @cue = Cues.build(@hash["put"]).to_h if @hash["put"]
          @verb = @cue ? "put" : %w[remove move].find { |name| @hash[name] } or raise Invalid, "Say which cue, and what becomes of it."
          @id = @cue ? @cue["id"] : Types::Id.new.call(@hash[@verb])
          @place = Invalid.about("The place of a cue") { PLACE.call(@hash["at"]) }&.to_i
        end

        def payload = { @verb => @cue || @id, "at" => @place }.compact

        def changed(list, at)
          rest = list.reject.with_index { |_, index| index == at }
          return rest if @verb == "remove"
          rest.insert(@place ? [ @place, rest.size ].min : (at || rest.size), @cue || list[at])
        end

        def inverse(was, at) = { "verb" => "cue", **(at ? { "put" => was[at], "at" => at } : { "remove" => @id }) }

        def missing(lenient)
          raise Invalid, "That cue is not on the page any more." unless lenient
          Outcome.new
        end
      end
    end
  end
end
