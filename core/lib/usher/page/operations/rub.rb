module Usher
  module Page
    module Operations
      # Rubs out part of a picture: { "id", "path", "radius" } as an eraser's. The picture itself
      # stays untouched; what was rubbed out goes with the item and can be undone or lifted off.
      class Rub < Operation
        def apply(page, lenient:)
          placed, = present(page, [ @id ], lenient, touching: :all)
          return Outcome.new unless placed
          raise Invalid, "Only pictures can be rubbed out." unless placed.item.respond_to?(:rub)
          Change.new({ "changes" => [ { "id" => @id, "set" => placed.item.rub(@path, @radius) } ] }).apply(page, lenient: lenient)
        end

        private

        def read
          @id = Types::Id.new.call(@hash["id"])
          @path, @radius = Erase.sweep(@hash)
        end

        def payload = { "id" => @id, "path" => @path, "radius" => @radius }
      end
    end
  end
end
