module Faults
  # A small deliberate fault: one line of a file, changed.
  Fault = Struct.new(:file, :number, :was, :now) do
    def source = File.readlines(file).tap { |lines| lines[number - 1] = now }.join

    def to_s = "#{file.sub("#{Dir.pwd}/", '')}:#{number}\n  - #{was.strip}\n  + #{now.strip}"

    # What is defined in the file is defined anew, with the fault, in this process.
    def commit
      $VERBOSE = nil
      eval(source, TOPLEVEL_BINDING, file, 1) # rubocop:disable Security/Eval -- a file of ours
    end
  end

  # What people get wrong: limits off by one, conditions turned round, steps left out, the wrong end, the wrong sign.
  CHANGES = {
    / >= / => " > ", / > (?!\{)/ => " >= ", / <= / => " < ", / < (?!=|<)/ => " <= ", / == / => " != ", / != / => " == ",
    / && / => " || ", / \|\| / => " && ", / \+ / => " - ", / - (?=\w)/ => " + ", /\btrue\b/ => "false", /\bfalse\b/ => "true",
    /\.min\b(?!\()/ => ".max", /\.max\b(?!\()/ => ".min", /\.any\?/ => ".all?", /\.all\?/ => ".any?", /\.none\?/ => ".any?",
    /\bunless\b/ => "if", / if (?=[^%]*$)/ => " unless ", /\.first\b/ => ".last", /\.last\b/ => ".first", /\.reject\b/ => ".select",
    /\.select\b/ => ".reject", /^(\s*)raise .*$/ => '\1nil', /\.uniq\b/ => "", /\.reverse\b/ => "", /\.compact\b/ => "",
    /(?<=[\d.])\.\.(?=[\d])/ => "...", /\.kept\b/ => "", /\.open\b/ => "", /\.current\b/ => "", /, seat: nil/ => "",
    /\.where\([^()]*(?:\([^()]*\)[^()]*)*\)/ => "", /\bfront\b/ => "back", /\.abs\b/ => "", /\.sort_by\([^)]*\)/ => ""
  }.freeze

  # What a class remembers was remembered before the fault came.
  MEMO = /def self\.\w+ = @|def \w+ = @defaults/

  # All that can go wrong in these files, one at a time.
  def self.in(files)
    files.flat_map do |file|
      File.readlines(file).each_with_index.flat_map do |line, index|
        next [] if line.lstrip.start_with?("#", "autoload", "require", "class ", "module ") || line.match?(MEMO)
        CHANGES.filter_map { |was, now| Fault.new(file, index + 1, line, line.sub(was, now)) if line.match?(was) && line.sub(was, now) != line }
      end
    end
  end
end
