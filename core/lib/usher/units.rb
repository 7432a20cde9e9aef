module Usher
  # Units that belong together, exactly: 100 p are 1 £. Those of money and of the metric system are known; others are
  # said in words of a teacher, "1 shell = 12 pebbles".
  class Units
    MAX = 200 # characters of such words
    KNOWN = "1 £ = 100 p; 1 € = 100 ct; 1 € = 100 cent; 1 $ = 100 c; 1 $ = 100 ¢; 1 km = 1000 m; 1 m = 10 dm; 1 m = 100 cm; 1 cm = 10 mm; " \
            "1 t = 1000 kg; 1 kg = 1000 g; 1 g = 1000 mg; 1 l = 10 dl; 1 l = 100 cl; 1 l = 1000 ml; 1 h = 60 min; 1 min = 60 s".freeze

    # Those that are known anyway.
    def self.known = @known ||= new(KNOWN, before: "")

    # words: equations of two quantities, parted by semicolons or new lines. before: what is known besides, where the
    # words do not say otherwise. Raises Invalid.
    def initialize(words, before: KNOWN)
      @sizes = {} # unit => [the unit it is counted in, how many of that it is]
      equations(words).each { |one, other| join(one, other) || raise(Invalid, "How many #{other.unit} a #{one.unit} is, is said twice.") }
      equations(before).each { |one, other| join(one, other) }
    end

    # The sums of these, one for each kind of unit in the order they came in. Of different units that belong together
    # the sum is in the largest.
    def total(quantities) = quantities.group_by { |one| family(one.unit) }.map { |_family, some| sum(some) }

    # Whether both are as much, in whichever unit.
    def equal?(one, other) = family(one.unit) == family(other.unit) && one.amount * size(one.unit) == other.amount * size(other.unit)

    private

    def family(unit) = @sizes.fetch(unit, [ unit ]).first
    def size(unit) = @sizes.fetch(unit, [ unit, 1 ]).last

    def sum(some)
      largest = some.max_by { |one| size(one.unit) }
      some.map { |one| one.in(largest.unit, size(one.unit) / size(largest.unit).to_r, leads: largest.leads?) }.reduce(:+)
    end

    def equations(words)
      words.split(/[;\n]/).reject { |part| part.strip.empty? }.map do |part|
        sides = part.split("=").map { |side| Quantity.read(side) }
        valid = sides.size == 2 && sides.all? { |side| side.amount.positive? && !side.unit.empty? } && sides[0].unit != sides[1].unit
        valid ? sides : raise(Invalid, "“#{part.strip[0, 40]}” does not say how units belong together. Write it like 1 shell = 12 pebbles.")
      end
    end

    # Both sides are as much: what is counted as the one is counted as the other from now on. False where that is
    # settled already.
    def join(one, other)
      from, to = family(one.unit), family(other.unit)
      return false if from == to
      factor = other.amount * size(other.unit) / (one.amount * size(one.unit))
      [ one, other ].each { |side| @sizes[side.unit] ||= [ side.unit, 1r ] }
      @sizes.transform_values! { |base, many| base == from ? [ to, many * factor ] : [ base, many ] }
    end
  end
end
