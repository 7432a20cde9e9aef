module Usher
  module Takes
    class Film
      # Cuts what happened in a take into chunks: { "from", "until" (ms), "state" => as it is at the beginning,
      # "events" => what happens after that, "trail" => the pointer's points, the last one before it among them }.
      class Cutter
        LONGEST = 15_000 # ms of a chunk
        MOST = 150 # events in it

        # opening: the State as the take begins (a hash); events: see State, in any order; length: ms; trail:
        # [[ms, page, x, y], ...], without x and y where the pointer went away.
        def initialize(opening:, events:, length:, trail: [])
          @opening, @trail = opening, trail.sort_by(&:first)
          @events = events.each_with_index.sort_by { |event, index| [ event["at"], index ] }.map(&:first)
          @length = [ length, @events.last&.fetch("at") || 0 ].max
        end

        attr_reader :length

        # [{ "at", "page" }, ...]: where the take turned to which page.
        def chapters = [ { "at" => 0, "page" => @opening["page"] } ] + @events.select { |event| event["kind"] == "turn" }.map { |event| event.slice("at", "page") }

        def chunks
          state, from = State.new(@opening), 0
          first = upto(@events, 0) { |event| event["at"] }
          @events.first(first).each { |event| state.apply(event) }
          made = []
          loop do
            to = ends(first, from)
            last = upto(@events, to) { |event| event["at"] }
            inside = @events[first...last]
            made << { "from" => from, "until" => to, "state" => state.settle(from).to_h, "events" => inside, "trail" => trail(from, to) }
            return made if to >= @length
            inside.each { |event| state.apply(event) }
            from, first = to, last
          end
        end

        private

        # How many of a sorted list are not after this moment.
        def upto(list, ms) = list.bsearch_index { |entry| yield(entry) > ms } || list.size

        # A busy stretch makes a shorter chunk; what happens at the same moment stays together.
        def ends(first, from)
          to = [ from + LONGEST, @length ].min
          crowded = @events[first + MOST]&.fetch("at")
          crowded && crowded < to ? crowded : to
        end

        def trail(from, to)
          before, last = [ from, to ].map { |ms| upto(@trail, ms, &:first) }
          @trail[[ before - 1, 0 ].max...last]
        end
      end
    end
  end
end
