module Usher
  # A number with a unit, exact: "0.50 €", "1 1/2 m", "−3". Decimals stay decimals with the places they
  # were written with, fractions stay fractions.
  class Quantity
    UNIT = /[^\d\s.,\/⁄+−-][^\d\s]{0,11}/
    VULGAR = /[¼-¾⅐-⅞↉]/
    FORM = %r{\A(?<before>#{UNIT})?\s*(?<sign>[-−+])?\s*(?:(?:(?<whole>\d{1,12})\s+)?(?<top>\d{1,12})\s*[/⁄]\s*(?<bottom>\d{1,12})|(?<number>\d{1,12}(?:[.,]\d{1,12})?|[.,]\d{1,12}))\s*(?<after>#{UNIT})?\z}

    attr_reader :amount, :unit, :places

    # text: what was typed, a decimal with a point or a comma, or a fraction. Raises Invalid.
    def self.read(text)
      plain = text.to_s.strip.gsub(VULGAR) { |sign| " #{sign.unicode_normalize(:nfkc)}" }.strip
      found = FORM.match(plain) or raise Invalid, "“#{text.to_s[0, 40]}” is not a number with a unit, such as 0.50 €, 3/4 m or 12."
      raise Invalid, "A number has one unit, before it or behind it." if found[:before] && found[:after]
      amount = found[:top] ? fraction(found) : Rational(found[:number].tr(",", ".").sub(/\A\./, "0."))
      new(found[:sign].to_s.match?(/[-−]/) ? -amount : amount, found[:before] || found[:after] || "",
        places: (found[:number][/[.,](\d+)/, 1].to_s.size if found[:number]), leads: !found[:before].nil?)
    end

    # The same, nil for what is no number.
    def self.try(text)
      read(text)
    rescue Invalid
      nil
    end

    def self.fraction(found)
      raise Invalid, "“#{found}” has 0 below the line, and nothing can be shared among 0. Write another number there." if found[:bottom].to_i.zero?
      found[:whole].to_i + Rational(found[:top].to_i, found[:bottom].to_i)
    end
    private_class_method :fraction

    # amount: a Rational; places: decimals to write, nil for a fraction; leads: the unit stands before.
    def initialize(amount, unit = "", places: 0, leads: false)
      @amount, @unit, @places, @leads = amount.to_r, unit, places, leads
    end

    # Two of the same unit.
    def +(other)
      raise Invalid, "#{unit} and #{other.unit} cannot be added." if unit != other.unit
      Quantity.new(amount + other.amount, unit, places: (places && other.places ? [ places, other.places ].max : nil), leads: leads?)
    end

    # The same in another unit, of which this one is `size` (a Rational).
    def in(unit, size, leads: false)
      return self if unit == self.unit
      finer = (0..6).find { |digits| (size * 10**digits).denominator == 1 }
      Quantity.new(amount * size, unit, places: (places + finer if places && finer), leads: leads)
    end

    def ==(other) = other.is_a?(Quantity) && amount == other.amount && unit == other.unit

    # As people write it: "1.50 €", "2 3/4 m", "−3".
    def to_s
      number = "#{'−' if amount.negative?}#{places ? decimal(amount.abs) : mixed(amount.abs)}"
      leads? ? "#{unit}#{number}" : [ number, unit ].reject(&:empty?).join(unit.match?(/\A[%°]/) ? "" : " ")
    end

    def leads? = @leads

    private

    def decimal(value)
      whole = (value * 10**places).to_i.to_s.rjust(places + 1, "0")
      places.zero? ? whole : "#{whole[0...-places]}.#{whole[-places..]}"
    end

    def mixed(value)
      whole, rest = value.divmod(1)
      return whole.to_s if rest.zero?
      [ (whole if whole.positive?), "#{rest.numerator}/#{rest.denominator}" ].compact.join(" ")
    end
  end
end
