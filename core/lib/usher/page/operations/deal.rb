module Usher
  module Page
    module Operations
      # Takes a copy from a pile: { "piles" => the ids of the pile's parts, "ids" => new ones for the copies,
      # "by" => [dx, dy] in page units from the pile, "group" => an id for them together when they are
      # several }. The pile stays; the copies are ordinary things.
      class Deal < Operation
        def apply(page, lenient:)
          piles = present(page, @piles, lenient)
          raise Invalid, "That hands out nothing: it is not a pile." unless piles.all? { |placed| placed.item.pile } || lenient
          raise Invalid, "This pile is empty. Put one back, or set a higher limit." if piles.any? { |placed| placed.item.left == 0 } && !lenient
          raise Invalid, "An item with this id is on the page already." if page.find(@ids).any?
          top = page.top
          put = piles.sort_by(&:z).map { |placed| Placed.new(copy(placed.item), top += 1) }
          Outcome.new(put: put, inverse: put.any? ? { "verb" => "remove", "ids" => put.map(&:id) } : nil)
        end

        private

        def read
          @piles, @ids = ids("piles"), ids("ids")
          raise Invalid, "Every part of a pile needs an id for its copy." if @piles.size != @ids.size
          @by = Invalid.about("The distance") { Move::DISTANCE.call(@hash["by"]) }
          @group = @hash["group"] && Types::Id.new.call(@hash["group"])
          raise Invalid, "Several copies need an id for them together." if @ids.size > 1 && !@group
        end

        def payload = { "piles" => @piles, "ids" => @ids, "by" => @by, "group" => @group }.compact

        def copy(item)
          made = item.plain(id: @ids[@piles.index(item.id)], groups: [ @group ].compact, "origin" => item.id)
          made.change(made.moved(@by))
        end
      end
    end
  end
end
