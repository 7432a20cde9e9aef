module Usher
  module Polls
    module Kinds
      # A number. Settings: "unit"; "right" and "tolerance", or nil where there is no right one.
      class Number < Kind
        REACH = 1e12

        def self.rank = 6
        def self.icon = "hash"

        def self.read(given)
          right = given["right"].to_s.strip.empty? ? nil : number(given["right"], "The right number is no number.")
          tolerance = given["tolerance"].to_s.strip.empty? ? 0.0 : number(given["tolerance"], "How far off is still right must be a number.")
          raise Invalid, "How far off is still right cannot be less than nothing." if tolerance.negative?
          { "unit" => Invalid.about("The unit") { Types::Line.new(20).call(given["unit"].to_s.strip) }, "right" => right, "tolerance" => (tolerance if right) }.compact
        end

        # A number as it is typed, with a comma or a point; raises Invalid with these words.
        def self.number(typed, words)
          value = Float(typed.to_s.strip.tr(",−", ".-").delete(" \u00a0"), exception: false)
          raise Invalid, words unless value&.finite? && value.abs <= REACH
          value.round(6)
        end

        def accept(answer) = self.class.number(answer, "Type a number, for example 3.5.")

        # The numbers that were given, in order, each with how often.
        def tally(answers) = Tally.new(answers.uniq.sort, answers)

        def guess(random, off) = (off ? random.rand(100) : settings["right"] || 12).to_s
        def words(answer) = [ Markup.number(answer), settings["unit"] ].compact.reject { |part| part == "" }.join(" ")
        def right?(answer) = (settings["right"] && (answer - settings["right"]).abs <= settings["tolerance"].to_f + 1e-9)
      end
    end
  end
end
