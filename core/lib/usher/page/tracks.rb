module Usher
  module Page
    # What things move along: a path on the page, the inside of an area, only sideways, only up and down.
    # A new kind is a new file in tracks/. The polyline is kept with the thing, where it belongs to
    # something on the page, so that it stays when that is hidden or deleted; Ties::Tracks follows what changes.
    #
    # A type for attributes: { "kind" => "path", "path" => "course", "points" => [[x, y], ...], ... }.
    module Tracks
      MOST = 12_000 # points
      POINTS = Types::List.new(Types::List.new(Types::Number.new(-200_000..200_000), 2..2), 0..MOST)
      TYPE = Types::Record.new(kind: ->(value) { registry.fetch(value) && value }, path: Types::Id.new, points: POINTS, closed: Types::Flag.new, stops: Types::Number.new(0..200, digits: 0),
        offset: Types::List.new(Types::Number.new(-20_000..20_000), 2..2), optional: %w[path points closed stops offset])

      module_function

      def registry
        @registry ||= Registry.new(Tracks, File.join(__dir__, "tracks"), missing: "kind of track", except: %w[track])
      end

      # The checked values of a track; raises Invalid.
      def call(value)
        checked = TYPE.call(value)
        return checked unless bound?(checked["kind"])
        raise Invalid, "must name a path on the page" unless checked["path"] && checked.fetch("points", []).any?
        { "closed" => false, "stops" => 0, "offset" => [ 0, 0 ], **checked }
      end

      # The track of an item, or with other values than its own.
      def of(item, values = item.track) = registry.fetch(values["kind"]).new(item, values)

      # Whether tracks of this kind belong to something on the page.
      def bound?(kind) = registry.fetch(kind).bound?

      # The values of a track along (or inside) an item of the page. whole: the box around what is to
      # move on it together; offset: from its middle to the one thing's. Raises Invalid.
      def along(path, kind:, whole:, stops: 0, offset: [ 0, 0 ])
        line = registry.fetch(kind).line_of(path, whole)
        raise Invalid, "That line is too long for a track." if line.points.size > MOST
        { "kind" => kind, "path" => path.id, "points" => line.points.map { |point| point.map { |n| n.round(2) } }, "closed" => line.closed?, "stops" => stops, "offset" => offset.map { |n| n.round(2) } }
      end

      autoload :Area, "usher/page/tracks/area"
      autoload :Path, "usher/page/tracks/path"
      autoload :Track, "usher/page/tracks/track"
    end
  end
end
