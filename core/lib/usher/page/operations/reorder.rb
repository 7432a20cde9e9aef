module Usher
  module Page
    module Operations
      # Brings items in front of everything or sends them behind it; among themselves they keep their order.
      class Reorder < Operation
        def apply(page, lenient:)
          there = present(page, @ids, lenient, touching: :all).sort_by(&:z)
          start = @to == "front" ? page.top + 1 : page.bottom - there.size
          put = there.each_with_index.map { |placed, index| Placed.new(placed.item, start + index) }
          back = there.map { |placed| { "id" => placed.id, "set" => { "z" => placed.z } } }
          Outcome.new(put: put, inverse: back.any? ? { "verb" => "change", "changes" => back } : nil)
        end

        private

        def read
          @ids = ids("ids")
          @to = Invalid.about("The place to go") { Types::Choice.new("front", "back").call(@hash["to"]) }
        end

        def payload = { "ids" => @ids, "to" => @to }
      end
    end
  end
end
