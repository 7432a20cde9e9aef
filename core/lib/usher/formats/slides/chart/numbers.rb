module Usher
  module Formats
    module Slides
      # Numbers as a spreadsheet's format has them ("0.0%", "#,##0", "$0"), as far as charts use it (ISO/IEC 29500-1, 18.8.31).
      module Chart::Numbers
        LONGEST = 60 # characters of a format
        GENERAL = /\A(general|standard)?\z/i
        DIGITS = /[#0?][#0?,]*(?:\.([0#?]+))?/

        module_function

        # Answers with words.
        def say(value, pattern = nil)
          pattern = pattern.to_s[0, LONGEST].split(";").first.to_s
          place = pattern.match(DIGITS)
          return Markup.number(value.round(6)).to_s if pattern.match?(GENERAL) || place.nil?
          share = pattern.include?("%")
          digits = format("%.#{place[1].to_s.length}f", value * (share ? 100 : 1))
          digits = digits.sub(/\d+/) { |whole| whole.reverse.scan(/\d{1,3}/).join(",").reverse } if place[0].include?(",")
          before, after = [ place.pre_match, place.post_match ].map { |part| part.gsub(/\[[^\]]*\]|_.|\*.|["\\]/, "") }
          "#{before}#{digits}#{after}".strip
        end
      end
    end
  end
end
