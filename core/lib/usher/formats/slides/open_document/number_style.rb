module Usher
  module Formats
    module Slides
      # How numbers are written (ISO/IEC 26300-1, 16.27), as a spreadsheet's format of it.
      module OpenDocument::NumberStyle
        KINDS = %w[number-style currency-style percentage-style text-style].freeze
        MOST = 10 # digits behind the point

        module_function

        # styles: OpenDocument::Styles; name: of one of them, or nil. nil where it says nothing of numbers.
        def format(styles, name)
          node = find(styles, name) or return
          own = node.at("number") ? node : find(styles, node.all("map").find { |map| map["condition"].to_s.include?(">") }&.[]("apply-style-name"))
          own&.children&.filter_map { |part| written(part) }&.join if own&.at("number")
        end

        def find(styles, name) = KINDS.filter_map { |kind| styles.other(kind, name) }.first

        def written(part)
          case part.name
          when "number" then digits(part)
          when "text", "currency-symbol" then part.text.delete('"')
          end
        end

        def digits(number)
          behind = number["decimal-places"].to_i.clamp(0, MOST)
          return "General" unless number["decimal-places"] || number["grouping"] == "true"
          "#{number['grouping'] == 'true' ? '#,##0' : '0'}#{".#{'0' * behind}" if behind.positive?}"
        end
      end
    end
  end
end
