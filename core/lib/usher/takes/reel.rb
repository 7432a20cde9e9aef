module Usher
  module Takes
    # A take made ready to play: every page as it was at the start, and what happened when, drawn by
    # the one renderer. Plain data for JSON; the player draws it and decides nothing.
    class Reel
      # pages: { page id => Page::Memory at the take's start }; opening: the page id shown first;
      # events: [{ at: ms since the start, page: id, operation: hash }, ...] in the order of the log;
      # trail: the pointer's way, from Trail.read; length: ms.
      def initialize(pages:, opening:, events:, length:, trail: [])
        @pages, @opening, @length, @trail = pages, opening, length, trail
        @events = events.each_with_index.sort_by { |event, index| [ event[:at], index ] }.map(&:first)
      end

      def to_h
        starts = @pages.transform_values { |memory| start(memory) }
        events = @events.filter_map { |event| play(event) }
        { length: [ @length, events.last&.fetch(:at) || 0 ].max, opening: @opening, pages: starts, events: events,
          trail: @trail, chapters: chapters(events) }
      end

      private

      def start(memory)
        { size: Page::Style.size(memory.style), ground: Page::Drawing.ground(memory.style), items: memory.stack.map { |placed| entry(placed) } }
      end

      def play(event)
        memory = @pages[event[:page]] or return
        outcome = memory.run(event[:operation], lenient: true)
        made = { at: event[:at], page: event[:page], put: outcome.put.map { |placed| entry(placed, wet: event[:operation]["verb"] == "put") }, gone: outcome.gone }
        made[:turn] = true if event[:operation]["verb"] == "turn"
        made[:ground] = Page::Drawing.ground(memory.style) if outcome.style.any?
        made
      end

      # An item's drawing; for a stroke being written also its points (page units, ms), so that it
      # can be drawn as it was.
      def entry(placed, wet: false)
        item = placed.item
        data = { id: item.id, z: placed.z, svg: Page::Drawing.item(placed, 0) }
        return data unless wet && item.is_a?(Items::Ink) && item.duration.positive?
        data.merge(ink: { colour: item.colour, breadth: item.breadth, nib: item.nib, opacity: item.opacity,
          points: item.points.map { |x, y, pressure, ms| [ (item.x + x).round(2), (item.y + y).round(2), pressure, ms ] } })
      end

      # A chapter begins at each page turn.
      def chapters(events)
        [ { at: 0, page: @opening } ] + events.select { |event| event[:turn] }.map { |event| event.slice(:at, :page) }
      end
    end
  end
end
