require "nokogiri"

module Usher
  module Formats
    module Html
      # The first table of pasted HTML, as plain text.
      module Table
        MAX_BYTES = 500_000

        # html: what was pasted. Answers with [[cell, ...], ...], or nil where there is no table of at
        # least two cells. Raises Invalid when it is too large.
        def self.read(html)
          raise Invalid, "That is more than Usher takes at once." if html.to_s.bytesize > MAX_BYTES
          table = Nokogiri::HTML5.fragment(html.to_s.scrub).at_css("table") or return
          table.css("script, style, template").each(&:remove)
          rows = table.css("tr").map { |row| row.element_children.select { |cell| %w[td th].include?(cell.name) }.map { |cell| cell.text.gsub(/[[:space:]]+/, " ").strip } }.reject(&:empty?)
          rows if rows.sum(&:size) > 1
        end
      end
    end
  end
end
