# A cell of a table for a spreadsheet, which must not take a name for a formula.
module PlainCell
  def self.of(cell) = cell.is_a?(String) && cell.match?(/\A[=+\-@\t\r]/) ? "'#{cell}" : cell
end
