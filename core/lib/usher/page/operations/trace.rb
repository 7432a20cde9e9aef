module Usher
  module Page
    module Operations
      # Puts strokes drawn along the straight edge of something on the page, a ruler or a set square:
      # { "along" => id, "items" => strokes as drawn }. They end up following the edge exactly.
      class Trace < Put
        def apply(page, lenient:)
          edges = present(page, [ @along ], lenient).flat_map { |placed| placed.item.edges }
          raise Invalid, "That has no straight edge." if edges.empty? && !lenient
          @items = @items.map { |item, z| [ edges.any? ? item.ruled(edges) : item, z ] }
          super
        end

        # What is kept is where the ink ended up: a take shows the same when the ruler has been moved.
        def to_h = { "verb" => "put", **payload }

        private

        def read
          super
          @along = Types::Id.new.call(@hash["along"])
          raise Invalid, "Only strokes can follow an edge." unless @items.all? { |item, _z| item.respond_to?(:ruled) }
        end
      end
    end
  end
end
