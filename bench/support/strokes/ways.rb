module Strokes
  # What quick hands write that turns sharply: letters of straight legs, zigzags, hatching, a line gone over again,
  # a spike, a corner; at 30 to 240 samples a second, with pressure and without. Everything follows from the seed.
  class Ways
    RATES = [ 30, 60, 120, 240 ].freeze # samples a second
    SPEEDS = 0.4..6.0 # page units a millisecond
    KINDS = %i[letter_w letter_m letter_v zigzag hatch again spike corner star].freeze
    Stroke = Struct.new(:kind, :corners, :points, :width, :nib)

    def initialize(seed) = @random = Random.new(seed)

    def draw
      kind = KINDS.sample(random: @random)
      size = between(40, 320)
      corners = place(send(kind), size)
      Stroke.new(kind, corners, sampled(corners), between(4, 10).round(1), %w[lively lively even].sample(random: @random))
    end

    private

    def between(from, to) = from + @random.rand * (to - from)

    def letter_w = [ [ 0, 0 ], [ 0.25, 1 ], [ 0.5, 0.3 ], [ 0.75, 1 ], [ 1, 0 ] ]
    def letter_m = [ [ 0, 1 ], [ 0.1, 0 ], [ 0.5, 0.8 ], [ 0.9, 0 ], [ 1, 1 ] ]
    def letter_v = [ [ 0, 0 ], [ 0.4, 1 ], [ 0.8, 0 ] ]
    def zigzag = Array.new(@random.rand(4..14)) { |n| [ n * between(0.1, 0.3), n.even? ? 0 : between(0.3, 1) ] }
    def hatch = Array.new(@random.rand(6..18)) { |n| [ n * 0.06 + (n.even? ? 0 : 0.4), n.even? ? 0 : 1 ] }
    def again = Array.new(@random.rand(3..7)) { |n| [ n.even? ? 0 : 1, between(0, 0.02) ] }
    def spike = [ [ 0, 0.8 ], [ 0.4, 0.8 ], [ 0.45, 0 ], [ 0.5, 0.8 ], [ 1, 0.8 ] ]
    def corner = [ [ 0, 0 ], [ between(0.3, 1), 0 ], [ between(0, 1), between(0.2, 1) ] ]
    def star = Array.new(6) { |n| angle = n * 4 * Math::PI / 5; [ 0.5 + Math.cos(angle) / 2, 0.5 + Math.sin(angle) / 2 ] }

    def place(corners, size)
      turn, at = between(0, 2 * Math::PI), [ between(400, 1_000), between(350, 550) ]
      corners.map { |x, y| [ at[0] + (x * Math.cos(turn) - y * Math.sin(turn)) * size, at[1] + (x * Math.sin(turn) + y * Math.cos(turn)) * size ] }
    end

    # As a device would tell it: at even times along the way, the corners themselves among them (a hand rests there
    # for a moment), a leg now and then by its ends alone.
    def sampled(corners)
      every, speed = 1000.0 / RATES.sample(random: @random), Math.exp(between(Math.log(SPEEDS.begin), Math.log(SPEEDS.end)))
      pressure, ms = @random.rand < 0.5, 0.0
      points = [ corners.first ]
      corners.each_cons(2) do |(ax, ay), (bx, by)|
        steps = [ (Math.hypot(bx - ax, by - ay) / (speed * every)).round, 1 ].max
        (1..steps).each { |step| points << [ ax + (bx - ax) * step / steps, ay + (by - ay) * step / steps ] }
      end
      points.map { |x, y| [ x.round(2), y.round(2), (between(0.2, 0.9).round(2) if pressure), (ms += every).round ] }
    end
  end
end
