module Usher
  module Tidy
    # A shape that was found. name: "circle", "square", ...; kind and values: the item it becomes;
    # error: how far the sketch is off it, root mean square, as a share of the sketch's size.
    Fit = Struct.new(:name, :kind, :values, :error, keyword_init: true) do
      def near? = error < Tidy::NEAR
    end
  end
end
