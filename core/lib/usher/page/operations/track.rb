module Usher
  module Page
    module Operations
      # Binds things to a track, or lets them go: { "ids", "kind" => "path" | "area" | "sideways" |
      # "up_and_down" | "free", "path" => the id of a line or shape (for path and area), "stops" => how
      # many evenly spaced places of the path they stop at (0: anywhere) }.
      class Track < Reshape
        FREE = "free"

        def apply(page, lenient:)
          @found = page.find([ @path ].compact)[@path]&.item
          raise Invalid, "The line you tapped is no longer on the page. Nothing was changed." if bound? && @found.nil? && !lenient
          raise Invalid, "A thing cannot be its own track. Tap another line or shape." if @ids.include?(@path)
          @wholes = Units.new(present(page, @ids, lenient)).flat_map { |unit| unit.ids.map { |id| [ id, unit.box ] } }.to_h
          super
        end

        private

        def read_rest
          @kind = @hash["kind"].tap { |kind| Tracks.registry.fetch(kind) unless kind == FREE }
          @stops = Invalid.about("The number of stops") { Types::Number.new(0..200, digits: 0).call(@hash.fetch("stops", 0)) }
          @path = Types::Id.new.call(@hash["path"]) if bound?
        end

        def bound? = @kind != FREE && Tracks.bound?(@kind)

        def payload = { "ids" => @ids, "kind" => @kind, "path" => @path, "stops" => @stops }.compact

        # From where it is to the nearest point of the track.
        def reshape(item)
          return { "track" => nil, "along" => 0 } if @kind == FREE
          return { "track" => { "kind" => @kind }, "along" => 0 } unless bound?
          return {} unless @found
          raise Invalid, "A thing on a track cannot be the track of the other. Tap a line that lies still." if @found.track && @found.track["path"] == item.id
          whole = @wholes.fetch(item.id)
          track = Tracks.along(@found, kind: @kind, whole: whole, stops: @stops, offset: item.box.centre.zip(whole.centre).map { |own, all| own - all })
          { "track" => track, **Tracks.of(item, track).moved([ 0, 0 ]) }
        end
      end
    end
  end
end
