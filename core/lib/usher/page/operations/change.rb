module Usher
  module Page
    module Operations
      # Changes attributes of items: { "id" => ..., "set" => { name => value } } each. The height in
      # the stack is changed as "z".
      class Change < Operation
        def apply(page, lenient: false)
          there = present(page, @changes.keys, lenient)
          put = there.map { |placed| changed(placed, @changes.fetch(placed.id)) }
          Outcome.new(put: put, inverse: inverse(there, put))
        end

        private

        def read
          @changes = list("changes").to_h do |change|
            raise Invalid, "A change must name an item and what to set." unless change.is_a?(Hash) && change["set"].is_a?(Hash) && change["set"].any?
            [ Types::Id.new.call(change["id"]), change["set"] ]
          end
        end

        def payload = { "changes" => @changes.map { |id, set| { "id" => id, "set" => set } } }

        def changed(placed, set)
          z = set.key?("z") ? Put::Z.call(set["z"]) : placed.z
          rest = set.reject { |name, _| name == "z" }
          Placed.new(rest.any? ? placed.item.change(rest) : placed.item, z)
        end

        # Every value that ended up different, also those the item settled by itself.
        def inverse(before, after)
          changes = before.zip(after).filter_map do |was, is|
            old, new = was.to_h, is.to_h
            set = old.reject { |name, value| new[name] == value }
            { "id" => was.id, "set" => set } if set.any?
          end
          { "verb" => "change", "changes" => changes } if changes.any?
        end
      end
    end
  end
end
