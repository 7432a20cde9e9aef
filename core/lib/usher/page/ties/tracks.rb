module Usher
  module Page
    module Ties
      # Things that move along something follow it when it moves or changes, and stay on it when they
      # change themselves. When it is deleted they keep its course.
      class Tracks < Tie
        def settle
          riders = tied(&:track)
          return if riders.empty?
          changed = @outcome.put.to_h { |placed| [ placed.id, placed.item ] }
          riders.each { |rider| follow(rider, changed, riders) }
          gone = riders.select { |rider| @outcome.gone.include?(rider.item.track["path"]) }
          "#{gone.size == 1 ? 'A thing moves' : "#{gone.size} things move"} along what you deleted. They keep to its course; “Track” in their bar lets go of it." if gone.any?
        end

        private

        def follow(rider, changed, riders)
          item = rider.item
          path = changed[item.track["path"]]
          return unless path || changed.key?(item.id)
          track = path ? along(path, item, riders) : item.track
          keep(rider, { "track" => track, **Page::Tracks.of(item, track).placed })
        rescue Invalid
          nil # the path became something nothing can move along: the old course stays
        end

        def along(path, item, riders)
          together = riders.select { |other| other.id == item.id || (item.groups.any? && other.item.groups.last == item.groups.last) }
          Page::Tracks.along(path, kind: item.track["kind"], whole: Units.new(together).box, stops: item.track.fetch("stops", 0), offset: item.track["offset"])
        end
      end
    end
  end
end
