module Usher
  module Activities
    # A table as a teacher types or pastes it: rows of cells, each a text or a face as a hash.
    module Table
      ROWS = 0..300
      CELLS = 0..12

      module_function

      # The rows in which something stands, all as long as the longest. Raises Invalid.
      def read(given)
        rows = given.is_a?(Array) && ROWS.cover?(given.size) && given.all? { |row| row.is_a?(Array) && CELLS.cover?(row.size) && row.all? { |cell| cell?(cell) } }
        raise Invalid, "A table has up to #{ROWS.end} rows of up to #{CELLS.end} cells." unless rows
        given.map { |row| row.map { |cell| blank?(cell) ? nil : cell } }.reject { |row| row.all?(&:nil?) }
      end

      def cell?(cell) = cell.nil? || cell.is_a?(String) || cell.is_a?(Hash)

      # Whether nothing stands in a cell.
      def blank?(cell) = cell.nil? || (cell.is_a?(String) ? cell.strip.empty? : cell.values.all? { |value| value.to_s.strip.empty? })

      def text(cell) = (cell.is_a?(Hash) ? cell["text"] : cell).to_s

      # The numbers written in a cell; nil where there are none.
      def numbers(cell) = text(cell).split.map { |number| Float(number, exception: false) }.then { |all| all unless all.empty? }

      # What makes two cells the same.
      def key(cell) = cell.is_a?(Hash) ? cell.transform_values { |value| value.to_s.strip.downcase } : { "text" => cell.to_s.strip.downcase }
    end
  end
end
