module Usher
  module Page
    module Tracks
      # Only up and down.
      class UpAndDown < Track
        def moved(by) = { "y" => @item.y + by[1] }
      end
    end
  end
end
