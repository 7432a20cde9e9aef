module Usher
  module Takes
    class Film
      # What is to be seen of a take at one moment, drawings by number. Changed by what happens, one event after
      # the other:
      #   { "at", "kind" => "patch", "page", "put" => [entry, ...], "gone" => [id, ...], "ground" }
      #   { "at", "kind" => "turn", "page", "size", "ground", "stack" => [entry, ...] }
      #   { "at", "kind" => "poll", ..., "data" => what there is of it to see, empty for nothing more }
      # An entry is [id, z, number of its cel, ms that it takes to be written (0: there at once)].
      class State
        attr_reader :page, :size, :ground, :stack, :wet, :shown

        # The numbers of the cels that an event names.
        def self.named(event) = [ *event["put"], *event["stack"] ].map { |entry| entry[2] }

        # values: as to_h gives them.
        def initialize(values)
          @page, @size, @ground, @stack, @wet, @shown = values.values_at("page", "size", "ground", "stack", "wet", "shown")
          @stack, @wet, @shown = @stack.dup, @wet.to_a.dup, @shown.to_h.dup
        end

        def to_h = { "page" => page, "size" => size, "ground" => ground, "stack" => stack, "wet" => wet, "shown" => shown }

        def numbers = [ *stack, *wet ].map { |entry| entry[2] }.uniq

        def apply(event)
          settle(event["at"])
          case event["kind"]
          when "patch" then patch(event) if event["page"] == page
          when "turn" then turn(event)
          else show(event["kind"], event["data"])
          end
          self
        end

        # Strokes that have been written by now lie on the page like anything else.
        def settle(ms)
          done, @wet = wet.partition { |entry| entry[4] + entry[3] <= ms }
          lay(done.map { |entry| entry.first(3) })
          self
        end

        private

        def patch(event)
          touched = event["gone"] + event["put"].map(&:first)
          @stack, @wet = [ stack, wet ].map { |entries| entries.reject { |entry| touched.include?(entry[0]) } } if touched.any?
          written, there = event["put"].partition { |entry| entry[3].to_i.positive? }
          @wet += written.map { |entry| [ *entry.first(4), event["at"] ] }
          lay(there.map { |entry| entry.first(3) })
          @ground = event["ground"] if event["ground"]
        end

        def turn(event)
          @page, @size, @ground = event.values_at("page", "size", "ground")
          @stack, @wet = event["stack"].map { |entry| entry.first(3) }, []
        end

        def show(kind, data) = data.empty? ? shown.delete(kind) : shown[kind] = data

        # Back to front: by height, then by id, as the page has it.
        def lay(entries) = entries.any? && @stack = (stack + entries).sort_by { |id, z, _| [ z, id ] }
      end
    end
  end
end
