require "date"

module Usher
  module Activities
    module Kinds
      class Timeline
        # A date as people write it, from "3000 BCE" over "1066", "May 1820" and "12 May 1820" to "14:30".
        class Moment
          MONTHS = %w[january february march april may june july august september october november december].freeze
          CLOCK = /\A([01]?\d|2[0-4])[:.]([0-5]\d)\z/
          YEAR = /\A(\d{1,5})\s*(bce|bc|ce|ad)?\z/i
          WORDS = /\A(?:(\d{1,2})\.?\s+)?([a-z]{3,9})\.?\s+(\d{1,5})\s*(bce|bc|ce|ad)?\z/i
          FIGURES = %r{\A(\d{1,4})-(\d{1,2})-(\d{1,2})\z}

          attr_reader :value # years, with their parts as a fraction; or hours of a day

          # Raises Invalid for what is no date.
          def self.read(text)
            plain = text.to_s.strip.tr("–", "-")
            return new(Rational($1.to_i * 60 + $2.to_i, 60), clock: true) if plain =~ CLOCK
            return new(year($1, $2)) if plain =~ YEAR
            return new(dated(year($3, nil), $2.to_i.clamp(1, 12), $1.to_i)) if plain =~ /\A(\d{1,2})\.(\d{1,2})\.(\d{1,5})\z/ && $2.to_i.between?(1, 12)
            return new(dated(year($1, nil), $2.to_i, $3.to_i)) if plain =~ FIGURES && $2.to_i.between?(1, 12)
            day, month, number, era = WORDS.match(plain)&.captures
            index = month && MONTHS.index { |name| name.start_with?(month.downcase) }
            return new(dated(year(number, era), index + 1, day&.to_i)) if index
            raise Invalid, "“#{text.to_s[0, 40]}” is not a date such as 1066, 300 BCE, 12 May 1820 or 14:30."
          end

          def self.year(digits, era) = era.to_s.downcase.start_with?("b") ? -digits.to_i : digits.to_i

          def self.dated(year, month, day)
            raise Invalid, "There is no day #{day} in that month." if day && !Date.valid_date?(year, month, day)
            year + Rational((Date.new(year, month, day || 1) - Date.new(year, 1, 1)).to_i, 366)
          end
          private_class_method :year, :dated

          def initialize(value, clock: false)
            @value, @clock = value, clock
          end

          # Whether it is a time of a day.
          def clock? = @clock
        end
      end
    end
  end
end
