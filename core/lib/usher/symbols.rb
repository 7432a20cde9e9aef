module Usher
  # The symbols and units bank: characters that keys do not have, in groups, found by their names.
  # bank.txt is its list; every character in it has a glyph in one of our faces (symbols_test).
  module Symbols
    Symbol = Struct.new(:character, :name)

    # { "Maths" => [Symbol, ...], ... } in the order of the bank.
    def self.groups
      @groups ||= File.read(File.join(__dir__, "symbols/bank.txt")).split(/^# (.+)\n/).drop(1).each_slice(2).to_h do |title, lines|
        [ title, lines.lines(chomp: true).reject(&:empty?).map { |line| Symbol.new(*line.split(" ", 2)) } ]
      end
    end

    # Those whose name has every word of the search, or that are the searched character itself; all
    # groups that have any, as above.
    def self.search(words)
      wanted = words.downcase.split
      return groups if wanted.empty?
      groups.transform_values { |all| all.select { |symbol| symbol.character == words.strip || wanted.all? { |word| symbol.name.downcase.include?(word) } } }.reject { |_, found| found.empty? }
    end

    # Whether the bank has this character.
    def self.include?(character) = groups.any? { |_, all| all.any? { |symbol| symbol.character == character } }
  end
end
