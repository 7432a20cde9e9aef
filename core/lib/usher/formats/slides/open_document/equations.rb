require "strscan"

module Usher
  module Formats
    module Slides
      # The equations of a form in OpenDocument (ISO/IEC 26300-1, 19.171): each named, written with the signs of arithmetic,
      # functions, other equations (?f0), and how far the form is bent ($0).
      class OpenDocument::Equations
        DEEPEST = 100
        FUNCTIONS = {
          "abs" => ->(x, *) { x.abs }, "sqrt" => ->(x, *) { Math.sqrt([ x, 0 ].max) }, "sin" => ->(x, *) { Math.sin(x) }, "cos" => ->(x, *) { Math.cos(x) }, "tan" => ->(x, *) { Math.tan(x) },
          "atan" => ->(x, *) { Math.atan(x) }, "atan2" => ->(x, y, *) { Math.atan2(x, y) }, "min" => ->(*all) { all.min }, "max" => ->(*all) { all.max }, "if" => ->(x, y, z, *) { x.positive? ? y : z }
        }.freeze

        # formulas: { name => text }; bends: numbers; names: { "left" => 0.0, ... }.
        def initialize(formulas, bends, names)
          @formulas, @bends, @names, @known = formulas, bends, { "pi" => Math::PI, **names }, {}
        end

        # What a number, a name, $0 or ?f0 of a path stands for.
        def [](word) = reckon(word)

        private

        def reckon(text, depth = 0)
          raise Invalid, "These equations lead to each other." if depth > DEEPEST
          scan = StringScanner.new(text.to_s)
          value = sum(scan, depth)
          value.finite? ? value : 0.0
        end

        def sum(scan, depth)
          value = product(scan, depth)
          while (sign = scan.scan(/\s*[+-]/))
            other = product(scan, depth)
            value = sign.end_with?("+") ? value + other : value - other
          end
          value
        end

        def product(scan, depth)
          value = factor(scan, depth)
          while (sign = scan.scan(%r{\s*[*/]}))
            other = factor(scan, depth)
            value = sign.end_with?("*") ? value * other : other.zero? ? 0.0 : value / other
          end
          value
        end

        def factor(scan, depth)
          raise Invalid, "These equations are nested too deeply." if (depth += 1) > DEEPEST
          return -factor(scan, depth) if scan.scan(/\s*-/)
          return factor(scan, depth) if scan.scan(/\s*\+/)
          return inside(scan, depth).first.to_f if scan.scan(/\s*\(/)
          return scan.matched.to_f if scan.scan(/\s*\d*\.?\d+(?:[eE][+-]?\d+)?/)
          return (@bends[scan[1].to_i] || 0).to_f if scan.scan(/\s*\$(\d+)/)
          return equation(scan[1], depth) if scan.scan(/\s*\?(\w+)/)
          name = scan.scan(/\s*\w+/).to_s.strip
          return FUNCTIONS.fetch(name) { return 0.0 }.call(*inside(scan, depth)) if scan.scan(/\s*\(/)
          @names.fetch(name, 0).to_f
        rescue ArgumentError, Math::DomainError
          0.0
        end

        # What stands between brackets, with commas between.
        def inside(scan, depth)
          values = [ sum(scan, depth) ]
          values << sum(scan, depth) while scan.scan(/\s*,/)
          scan.scan(/\s*\)/)
          values
        end

        def equation(name, depth) = @known[name] ||= reckon(@formulas[name], depth + 1)
      end
    end
  end
end
