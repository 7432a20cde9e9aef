module Usher
  module Page
    # An item with its height in the stack: greater z lies in front.
    Placed = Struct.new(:item, :z) do
      def id = item.id
      def near?(box, kind) = (kind.nil? || item.class.kind == kind) && (box.nil? || item.box.meets?(box))
      def to_h = item.to_h.merge("z" => z)
      def all = item.all.merge("z" => z)
    end
  end
end
