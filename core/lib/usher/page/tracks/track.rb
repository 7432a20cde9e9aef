module Usher
  module Page
    module Tracks
      # One thing on its track. Subclasses answer `moved`: the attributes that change when the thing is
      # moved by [dx, dy] page units.
      class Track
        # "up_and_down" for UpAndDown.
        def self.kind = name.split("::").last.gsub(/(?<=[a-z])(?=[A-Z])/, "_").downcase

        def self.bound? = false

        # values: as Tracks.call answers.
        def initialize(item, values)
          @item, @values = item, values
        end

        # The attributes that put the thing where it belongs, at this share of its track.
        def placed(_along = nil) = {}

        # What the browser drags along; surface/track.js knows each kind by its name.
        def hint = self.class.kind
      end
    end
  end
end
