require "date"

module Usher
  module Formats
    module Slides
      # Days as a spreadsheet counts and writes them ("d mmm yy"), as far as charts use it (ISO/IEC 29500-1, 18.8.31 and 18.17.4).
      module Chart::Dates
        FIRST = Date.new(1899, 12, 30) # day 0
        DAYS = (1..2_958_465) # the last day of the year 9999
        QUIET = /"[^"]*"|\[[^\]]*\]|\\./ # what is no sign for a part of a date
        PARTS = { "yyyy" => "%Y", "yy" => "%y", "mmmmm" => "%b", "mmmm" => "%B", "mmm" => "%b", "mm" => "%m", "m" => "%-m", "dddd" => "%A", "ddd" => "%a", "dd" => "%d", "d" => "%-d" }.freeze

        module_function

        # Whether a format is one of dates.
        def format?(pattern) = pattern.to_s.gsub(QUIET, "").match?(/[ymd]/i)

        # day: a number. Answers with words; nil where that is no day.
        def say(day, pattern)
          return unless day.finite? && DAYS.cover?(day)
          date = FIRST + day.floor
          pattern.to_s[0, Chart::Numbers::LONGEST].split(";").first.gsub(/#{QUIET}|y+|m+|d+|[hs:]+/i) { |part| written(date, part) }.strip
        end

        def written(date, part)
          return part.delete('"').delete_prefix("\\") if part.match?(/\A["\\]/)
          way = PARTS[part.downcase] and date.strftime(way) # times and marks in brackets are left out
        end
        private_class_method :written
      end
    end
  end
end
