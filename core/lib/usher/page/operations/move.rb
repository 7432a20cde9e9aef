module Usher
  module Page
    module Operations
      # Moves items by a distance in page units: { "ids" => [...], "by" => [dx, dy] }. `from`, one
      # [x, y] for each id, says where the hand saw them when it took hold: when somebody else has moved
      # them meanwhile, they end up where the last hand let go. A copy that is dropped on the pile it
      # came from goes back into it.
      class Move < Reshape
        DISTANCE = Types::List.new(Types::Number.new(-200_000..200_000), 2..2)

        def apply(page, lenient:)
          there = present(page, @ids, lenient, touching: :place)
          home = coming_home(page, there)
          @ids -= home.map(&:id)
          outcome = @ids.any? ? super : Outcome.new
          outcome.note = "Somebody else moved that at the same time. It lies where you put it." if astray?(there)
          home.any? ? with_home(outcome, home) : outcome
        end

        private

        def read_rest
          @by = Invalid.about("The distance") { DISTANCE.call(@hash["by"]) }
          from = @hash["from"] and @from = @ids.zip(Invalid.about("Where they were") { Types::List.new(DISTANCE, @ids.size..@ids.size).call(from) }).to_h
          @all = @ids
        end

        def payload = { "ids" => @all, "by" => @by, "from" => @from&.values_at(*@all) }.compact

        def reshape(item) = item.moved(distance(item))

        def distance(item)
          seen = @from && @from[item.id] or return @by
          [ seen[0] + @by[0] - item.x, seen[1] + @by[1] - item.y ]
        end

        def astray?(there)
          @from && there.any? { |placed| @from[placed.id]&.zip([ placed.item.x, placed.item.y ])&.any? { |seen, is| (seen - is).abs > 0.02 } }
        end

        # Those whose middle comes to lie on their pile, and all that is grouped with them.
        def coming_home(page, there)
          origins = there.filter_map { |placed| placed.item.origin }.uniq
          return [] if origins.empty?
          piles = page.find(origins)
          home = there.select { |placed| (pile = piles[placed.item.origin]) && over?(pile.item.box, placed.item) }
          groups = home.filter_map { |placed| placed.item.groups.last }
          there.select { |placed| home.include?(placed) || (placed.item.origin && groups.include?(placed.item.groups.last)) }
        end

        def over?(box, item)
          along, down = box.to_local(item.box.centre.zip(distance(item)).map(&:sum))
          along.between?(0, box.width) && down.between?(0, box.height)
        end

        def with_home(outcome, home)
          outcome.gone = home.map(&:id)
          back = { "verb" => "put", "items" => home.map(&:to_h) }
          outcome.inverse = outcome.inverse ? { "verb" => "together", "steps" => [ outcome.inverse, back ] } : back
          outcome
        end
      end
    end
  end
end
