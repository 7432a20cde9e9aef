module Usher
  module Page
    module Tracks
      # Only to the left and to the right.
      class Sideways < Track
        def moved(by) = { "x" => @item.x + by[0] }
      end
    end
  end
end
