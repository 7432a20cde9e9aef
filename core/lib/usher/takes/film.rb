module Usher
  module Takes
    # A take as it looks at any millisecond. It was cut into chunks when it was made (Film::Cutter): each holds the
    # state at its beginning and what happens until its end, so that a jump reads one chunk and not all before.
    # Drawings (cels) are kept once and named by number.
    class Film
      autoload :Cutter, "usher/takes/film/cutter"
      autoload :State, "usher/takes/film/state"

      RESTS = 4_000 # ms for which a pointer that does not move is shown

      # source: answers chunk(ms), the chunk (a hash, see Cutter) that covers this millisecond, and cels(numbers),
      # { number => { "svg", "ink" (of strokes: look and points with ms) } }.
      def initialize(source)
        @source = source
      end

      # How the lesson looks at this millisecond: { "page", "size", "ground", "items" => drawings back to front,
      # those of strokes being written as far as they are, "pointer" => [x, y] or nil, "shown" => what else there
      # is to see (a poll, a spotlight ...) by its kind }.
      def at(ms)
        state, chunk = state_at(ms)
        cels = @source.cels(state.numbers)
        { **frame(state), "items" => state.stack.map { |_, _, number| cels.fetch(number)["svg"] } + state.wet.filter_map { |stroke| partial(stroke, cels, ms) },
          "pointer" => pointer(chunk, state.page, ms) }
      end

      # The same as an SVG document; with a block as for Page::Drawing.document.
      def document(ms, &address)
        frame = at(ms)
        width, height = frame["size"]
        body = (frame["ground"] + frame["items"].join)
        body = Page::Drawing.embedded(body, &address) if address
        Markup.tag("svg", { xmlns: "http://www.w3.org/2000/svg", viewBox: "0 0 #{width} #{height}", width: width, height: height }, body)
      end

      # What a player needs to go on from this millisecond until the end of the chunk, drawings and all:
      # { "from", "until", the frame's own, "items" => [{ "id", "z", "svg" }], "wet" => the same with "ink" and
      # "began", "events" => [...], "trail" => [[ms, page, x, y], ...] }.
      def from(ms)
        state, chunk = state_at(ms)
        events = chunk["events"].select { |event| event["at"] > ms }
        cels = @source.cels(state.numbers | events.flat_map { |event| State.named(event) })
        { "from" => ms, "until" => chunk["until"], **frame(state), "items" => state.stack.map { |entry| drawn(entry, cels) },
          "wet" => state.wet.map { |entry| drawn(entry, cels).merge("began" => entry[4]) },
          "events" => events.map { |event| dressed(event, cels) }, "trail" => chunk["trail"] }
      end

      private

      def state_at(ms)
        chunk = @source.chunk(ms)
        state = State.new(chunk["state"])
        chunk["events"].each { |event| event["at"] <= ms ? state.apply(event) : break }
        [ state.settle(ms), chunk ]
      end

      def frame(state) = { "page" => state.page, "size" => state.size, "ground" => state.ground, "shown" => state.shown }

      def drawn((id, z, number, lasts), cels)
        cel = cels.fetch(number)
        { "id" => id, "z" => z, "svg" => cel["svg"], **(lasts.to_i.positive? ? { "ink" => cel["ink"] } : {}) }
      end

      def dressed(event, cels)
        event.merge({ "put" => event["put"]&.map { |entry| drawn(entry, cels) }, "stack" => event["stack"]&.map { |entry| drawn(entry, cels) } }.compact)
      end

      # A stroke as far as it is written, drawn like any other.
      def partial((id, z, number, _lasts, began), cels, ms)
        ink = cels.fetch(number)["ink"]
        points = ink["points"].take_while { |point| began + point[3] <= ms }
        return if points.empty?
        Page::Drawing.item(Page::Placed.new(Items.build({ "kind" => "ink", "id" => id, **ink, "points" => points }), z), 0)
      end

      def pointer(chunk, page, ms)
        at, on, *place = chunk["trail"].take_while { |entry| entry[0] <= ms }.last
        place if at && on == page && place.any? && ms - at < RESTS
      end
    end
  end
end
