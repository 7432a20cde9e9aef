module Usher
  module Page
    module Operations
      # Changes attributes of items: { "id" => ..., "set" => { name => value } } each. The height in
      # the stack is changed as "z". A change may say what its hand saw ("seen" => { name => value }): where that is
      # something else by now it clashes, instead of overwriting it.
      class Change < Operation
        GEOMETRY = %w[x y width height angle along track].freeze

        def apply(page, lenient:)
          found = present(page, @changes.keys, lenient)
          there = without(found.reject { |placed| free?(placed.item, @changes.fetch(placed.id).keys) }, found, lenient)
          raise Clash, "Somebody else changed this at the same time." if !lenient && there.any? { |placed| clashes?(placed.item) }
          put = there.map { |placed| changed(placed, @changes.fetch(placed.id)) }
          Outcome.new(put: put, inverse: inverse(there, put))
        end

        private

        def read
          @changes = list("changes").to_h do |change|
            raise Invalid, "A change must name an item and what to set." unless change.is_a?(Hash) && change["set"].is_a?(Hash) && change["set"].any?
            [ Types::Id.new.call(change["id"]), change["set"] ]
          end
          @seen = list("changes").filter_map { |change| [ change["id"], change["seen"] ] if change["seen"].is_a?(Hash) }.to_h
        end

        # Whether what was seen has become something else, and not what is to be set.
        def clashes?(item) = (@seen[item.id] || {}).any? { |name, value| item.all.key?(name) && ![ value, @changes[item.id][name] ].include?(item.all[name]) }

        # Pins go in and out at any time, and what a class does to a pinned thing (see Item::LIVE) too.
        def free?(item, names)
          names -= [ "pinned", *item.class::LIVE ]
          names.empty? || item.allows?((names & GEOMETRY).any? ? :place : :all)
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
            old, new = was.all, is.all
            set = old.reject { |name, value| new[name] == value || was.item.class::FOLLOWS.include?(name) }
            { "id" => was.id, "set" => set } if set.any?
          end
          { "verb" => "change", "changes" => changes } if changes.any?
        end
      end
    end
  end
end
