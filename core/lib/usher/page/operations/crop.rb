module Usher
  module Page
    module Operations
      # Shows another part of a picture, at the size it has now: { "id", "to" => [left, top, width, height] }
      # in shares of the whole picture. The picture itself stays untouched.
      class Crop < Operation
        def apply(page, lenient:)
          placed, = present(page, [ @id ], lenient, touching: :all)
          return Outcome.new unless placed
          raise Invalid, "Only pictures can be cropped." unless placed.item.respond_to?(:cropped)
          Change.new({ "changes" => [ { "id" => @id, "set" => placed.item.cropped(@to) } ] }).apply(page, lenient: lenient)
        end

        private

        def read
          @id = Types::Id.new.call(@hash["id"])
          @to = Invalid.about("The part to show") { Items::Picture::CROP.call(@hash["to"]) }
        end

        def payload = { "id" => @id, "to" => @to }
      end
    end
  end
end
