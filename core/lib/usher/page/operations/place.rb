module Usher
  module Page
    module Operations
      # Places things by numbers: { "ids", "set" => { "x", "y", "width", "height" in page units, "angle"
      # in degrees, "along" in percent of the track } }, any of them. For one thing they are its own;
      # for several x, y, width and height are those of the upright box around them, and the angle and
      # the percent become those of each.
      class Place < Reshape
        SET = Types::Record.new(x: Types::Number.new(-200_000..200_000), y: Types::Number.new(-200_000..200_000), width: Types::Number.new(1..20_000), height: Types::Number.new(1..20_000),
          angle: Types::Number.new(-360..360), along: Types::Number.new(0..100, digits: 5), optional: %w[x y width height angle along])

        def apply(page, lenient:)
          there = present(page, @ids, lenient, touching: :place)
          return Outcome.new if there.empty?
          @frame = there.size == 1 ? there.first.item.box : Units.new(there).box
          super
        end

        private

        def read_rest
          @set = Invalid.about("The numbers") { SET.call(@hash["set"]) }
          raise Invalid, "Say which number changes." if @set.empty?
        end

        def payload = { "ids" => @ids, "set" => @set }

        # Sized from the top left of the frame, then moved, then turned about its own middle.
        def reshape(item)
          sized = item.scaled(*factors)
          at = { "x" => @frame.x + (item.x - @frame.x) * factors[0] + shift("x"), "y" => @frame.y + (item.y - @frame.y) * factors[1] + shift("y") }
          set = { **(factors == [ 1, 1 ] ? {} : sized), **at, **@set.slice("angle") }
          return set unless item.track
          set.except(*at.keys).merge(@set.key?("along") ? Tracks.of(item).placed(@set["along"] / 100.0) : item.moved([ at["x"] - item.x, at["y"] - item.y ]))
        end

        def factors
          @factors ||= %w[width height].map { |side| @set.key?(side) && @frame[side].to_f.positive? ? @set[side] / @frame[side].to_f : 1 }
        end

        def shift(axis) = @set.key?(axis) ? @set[axis] - @frame[axis] : 0
      end
    end
  end
end
