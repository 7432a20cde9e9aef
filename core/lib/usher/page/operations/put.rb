module Usher
  module Page
    module Operations
      # Puts new items on the page, in front of what is there unless they bring their own z.
      class Put < Operation
        Z = Types::Number.new(-1e9..1e9, digits: 6)

        def apply(page, lenient:)
          there = page.find(@items.map { |item, _z| item.id })
          raise Invalid, "An item with this id is on the page already." if there.any? && !lenient
          top = page.top
          put = @items.reject { |item, _z| there.key?(item.id) }.map { |item, z| Placed.new(item, z || (top += 1)) }
          Outcome.new(put: put, inverse: put.any? ? { "verb" => "remove", "ids" => put.map(&:id) } : nil)
        end

        private

        def read
          @items = list("items").map do |attributes|
            raise Invalid, "An item must come as a set of named values." unless attributes.is_a?(Hash)
            z = attributes["z"]
            [ Items.build(attributes.reject { |name, _| name == "z" }), z && Z.call(z) ]
          end
          raise Invalid, "The same item is named twice." if @items.map { |item, _z| item.id }.uniq!
        end

        def payload = { "items" => @items.map { |item, z| z ? item.to_h.merge("z" => z) : item.to_h } }
      end
    end
  end
end
