module Usher
  module Formats
    module Slides
      # The guide formulas of a form (ISO/IEC 29500-1, 20.1.9.11): names that stand for numbers, reckoned from the sides of
      # the form and from how far it is bent. Angles are in 60,000ths of a degree.
      class OpenXml::Guides
        TURN = 21_600_000.0 # a full circle
        ANGLES = { "cd2" => TURN / 2, "cd4" => TURN / 4, "cd8" => TURN / 8, "3cd4" => TURN * 3 / 4, "3cd8" => TURN * 3 / 8, "5cd8" => TURN * 5 / 8, "7cd8" => TURN * 7 / 8 }.freeze
        FORMULAS = {
          "val" => ->(x, *) { x }, "*/" => ->(x, y, z) { x * y / z }, "+-" => ->(x, y, z) { x + y - z }, "+/" => ->(x, y, z) { (x + y) / z }, "?:" => ->(x, y, z) { x.positive? ? y : z },
          "abs" => ->(x, *) { x.abs }, "min" => ->(x, y, *) { [ x, y ].min }, "max" => ->(x, y, *) { [ x, y ].max }, "pin" => ->(x, y, z) { y < x ? x : [ y, z ].min },
          "mod" => ->(x, y, z) { Math.sqrt(x * x + y * y + z * z) }, "sqrt" => ->(x, *) { Math.sqrt(x) },
          "sin" => ->(x, y, *) { x * Math.sin(radians(y)) }, "cos" => ->(x, y, *) { x * Math.cos(radians(y)) }, "tan" => ->(x, y, *) { x * Math.tan(radians(y)) },
          "at2" => ->(x, y, *) { angle(y, x) }, "cat2" => ->(x, y, z) { x * Math.cos(Math.atan2(z, y)) }, "sat2" => ->(x, y, z) { x * Math.sin(Math.atan2(z, y)) }
        }.freeze

        def self.radians(angle) = angle / TURN * 2 * Math::PI
        def self.angle(rise, run) = Math.atan2(rise, run) / 2 / Math::PI * TURN

        # width, height: of the form, in any unit.
        def initialize(width, height)
          short, long = [ width, height ].minmax
          @known = { "w" => width, "h" => height, "l" => 0.0, "t" => 0.0, "r" => width, "b" => height, "hc" => width / 2.0, "vc" => height / 2.0, "ss" => short, "ls" => long, **ANGLES }
          { "w" => "wd", "h" => "hd", "ss" => "ssd" }.each { |side, name| [ 2, 3, 4, 5, 6, 8, 10, 12, 16, 32 ].each { |by| @known["#{name}#{by}"] = @known[side] / by.to_f } }
        end

        # One more of them, after those it refers to.
        def define(name, formula)
          word, *given = formula.split
          @known[name] = FORMULAS.fetch(word).call(*given.first(3).map { |one| self[one].to_f }).then { |value| value.finite? ? value : 0.0 }
        rescue KeyError, ArgumentError, Math::DomainError
          @known[name] = 0.0
        end

        # What a name or a number stands for.
        def [](word) = @known[word] || word.to_f
      end
    end
  end
end
