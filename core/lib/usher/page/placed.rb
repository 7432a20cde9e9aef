module Usher
  module Page
    # An item with its height in the stack: greater z lies in front.
    Placed = Struct.new(:item, :z) do
      def id = item.id
      def to_h = item.to_h.merge("z" => z)
    end
  end
end
