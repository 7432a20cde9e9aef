module Usher
  module Page
    module Operations
      # Brings a page back to another state of it, pins or not: { "items" => as they are to be, with their
      # "z", "gone" => ids that are not to be there, "set" => its style where that differs }.
      class Reset < Operation
        MOST = 20_000

        def apply(page, lenient:)
          was = page.find(@items.keys + @gone)
          back = { "verb" => "reset", "items" => was.values.map(&:to_h), "gone" => @items.keys - was.keys, "set" => page.style.slice(*@set.keys) }
          Outcome.new(put: @items.values, gone: @gone & was.keys, style: @set, inverse: back)
        end

        private

        def read
          given, gone, set = @hash.values_at("items", "gone", "set")
          raise Invalid, "This change is not whole." unless given.is_a?(Array) && gone.is_a?(Array) && set.is_a?(Hash) && given.size + gone.size <= MOST
          @items = given.to_h { |item| placed(item).then { |one| [ one.id, one ] } }
          @gone = gone.map { |id| Types::Id.new.call(id) } - @items.keys
          @set = set.any? ? Style.check(set) : {}
        end

        def payload = { "items" => @items.values.map(&:to_h), "gone" => @gone, "set" => @set }

        def placed(item)
          raise Invalid, "An item must come as a set of named values." unless item.is_a?(Hash)
          Placed.new(Items.build(item.except("z")), Put::Z.call(item["z"]))
        end
      end
    end
  end
end
