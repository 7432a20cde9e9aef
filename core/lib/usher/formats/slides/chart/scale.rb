module Usher
  module Formats
    module Slides
      # The axis of values: from where to where it goes, and in which steps.
      class Chart::Scale
        ROOM = 0.05 # of its length, above the greatest value
        CLOSE = 1 / 6.0 # of the greatest: where values are no further from each other, their axis does not begin at nothing
        STEPS = [ 1, 2, 5, 10 ].freeze
        MOST = 40 # steps

        attr_reader :low, :high, :step

        # values: all that are shown; low, high, step: as the file says them, nil for what fits; most: as many steps as there is room
        # for; bound: whether the greatest value may touch the end.
        def initialize(values, low: nil, high: nil, step: nil, most: 10, bound: false)
          least, greatest = values.minmax
          least, greatest = 0.0, 1.0 if least.nil?
          close = least.positive? && greatest > least && greatest - least < greatest * CLOSE
          least, greatest = [ least, 0.0 ].min, [ greatest, 0.0 ].max unless close
          greatest = least + 1 if greatest == least
          room = bound ? 0 : (greatest - least) * ROOM
          from, to = low || (least - (close ? (greatest - least) / 2 : least.negative? ? room : 0)), high || (greatest.positive? ? greatest + room : greatest)
          to = from + 1 if to <= from
          @step = step&.positive? && (to - from) / step <= MOST ? step : self.class.nice((to - from) / most.clamp(1, 10))
          @low, @high = low || (from / @step).floor * @step, high || (to / @step - 1e-9).ceil * @step
          @high = @low + @step if @high <= @low
        end

        # The step of 1, 2 or 5 and noughts that is no smaller.
        def self.nice(rough)
          power = 10.0**Math.log10(rough).floor
          STEPS.find { |n| n * power >= rough * (1 - 1e-9) } * power
        end

        # The values at which it has numbers.
        def ticks = (0..((@high - @low) / @step + 1e-6).floor.clamp(0, MOST)).map { |n| (@low + n * @step).round(9) }

        # How far along it a value is, from 0 to 1.
        def share(value) = ((value - @low) / (@high - @low)).clamp(0.0, 1.0)
      end
    end
  end
end
