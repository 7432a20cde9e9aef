module Usher
  module Activities
    # What every kind of activity answers. Content is a hash with string keys, as a teacher filled it in. What is
    # marked are cells (a tile, a gap, a place in a line); one or more of them are a question, which is what points
    # are given for and what results list. Names of cells and pieces are those of the deal and tell nothing.
    class Kind
      CELLS = 300

      # The plain name on screen.
      def self.title = name.split("::").last

      # In a few words, what those who play do.
      def self.purpose = ""

      # The table that a teacher fills in (see Table): how its columns are called. A column whose word ends in "…" may be
      # repeated. Kinds that are filled in otherwise have none.
      def self.columns = []

      # The numbers of columns that take words only, no pictures and sounds.
      def self.plain = []

      # What its second column holds where it is played on a picture, filled in there: "point" or "area" (see Pictured).
      def self.placed = nil

      # Under what name its content is a list of questions that can stand alone (see Bank); nil for none.
      def self.listed = nil

      # Rules that a new one of this kind begins with, where they are not those of all.
      def self.rules = {}

      # What a text is called that is written besides the table or instead of it; nil for none.
      def self.text = nil

      # What can be chosen besides: { name => Setting }.
      def self.settings = {}

      # Content from rows of a filled table and the chosen settings, to be checked by `build`.
      def self.from_table(_rows, _settings) = raise(NotImplementedError)

      # The rows that make this content.
      def to_table = []

      # Content from all that a teacher fills in. A kind that is written as a text (see Gaps) reads that instead; one
      # that is played on a picture also reads a face with that.
      def self.from_form(table:, settings:, text: nil, picture: nil) = from_table(Table.read(table), settings)

      # The text that makes this content, of a kind that is written so.
      def to_text = nil

      # Accepts raw content; raises Invalid with a sentence for the teacher.
      def self.build(content) = new(content)

      # Content from the plain shapes in which kinds meet (see Recast); nil where none of them will do.
      def self.from_parts(_parts) = nil

      # Its content in those shapes, as far as it has them: faces as their values.
      def to_parts = {}

      # The picture it is played on, as a face's values.
      def to_picture = nil

      attr_reader :content

      def initialize(content)
        raise Invalid, "An activity must come as a set of named values." unless content.is_a?(Hash)
        @content = check(content)
      end

      # A Deal (or what the kind makes of one). seed: an integer. It is never shown whole.
      def deal(seed) = raise(NotImplementedError)

      # The names of all cells of a deal.
      def cells(deal) = raise(NotImplementedError)

      # How answers are given (see Answering).
      def answering(deal) = raise(NotImplementedError)

      # Answers before the first move.
      def start(_deal) = {}

      # The answers after a move. fixed: cells that must stay. Raises Invalid for a move that is not possible.
      def accept(deal, answers, move, fixed = []) = answering(deal).accept(answers, move, fixed)

      # Moves after which these are the answers.
      def moves_to(deal, answers) = answering(deal).moves_to(answers)

      # What has been answered in a cell: a value to compare, nil for nothing.
      def answer(_deal, answers, cell) = answers[cell]

      # Whether the answer in a cell is right by itself, while others may be missing; nil where that depends on what is
      # still to come.
      def right?(deal, answers, cell) = raise(NotImplementedError)

      # { cell => points from 0 to 1, or nil where nothing was answered }, as one marks at the end.
      def mark(deal, answers) = cells(deal).to_h { |cell| [ cell, (right?(deal, answers, cell) ? 1 : 0 if answer(deal, answers, cell)) ] }

      # How many moves came to nothing that are no wrong answer in a cell.
      def missed(_answers) = 0

      # The answers with this cell answered rightly.
      def solve(deal, answers, cell) = raise(NotImplementedError)

      def solution(deal) = cells(deal).inject(start(deal)) { |answers, cell| right?(deal, answers, cell) ? answers : solve(deal, answers, cell) }

      # The number of the part of a sheet that a cell belongs to; nil where there are no parts.
      def part_of(_cell) = nil

      # The number of the question, in the content, that a cell belongs to.
      def question(deal, cell) = raise(NotImplementedError)

      # Each question in a few words, in the order of the content.
      def questions = raise(NotImplementedError)

      # What may be shown to whoever answers, as the kind's partials read it: a hash.
      def view(deal, answers) = raise(NotImplementedError)

      # What is shown of a cell's solution once that is settled, as its partial reads it; nil for nothing more.
      def revealed(_deal, _cell) = nil

      # An answer in a few words, for results.
      def told(deal, answers, cell) = raise(NotImplementedError)

      # { name in the deal => Face } of all that can be seen now.
      def faces(deal, answers) = {}

      # Every Face of the content.
      def all_faces = []

      # Writes it on a Paper::Sheet, with these answers. solved: whether they are the solution.
      def paper(_sheet, _deal, _answers, solved: false) = raise(NotImplementedError)

      # A few words shown on its card in a lesson.
      def glimpse = []

      private

      # Refuses the first of several values that are the same to whoever sees them; the block makes the sentence.
      def distinct(values, by: ->(value) { value.key })
        double = values.group_by(&by).values.find { |same| same.size > 1 }
        raise Invalid, yield(double.first) if double
      end

      # A list from outside, of a limited count.
      def list(value, count, sentence)
        raise Invalid, sentence unless value.is_a?(Array) && count.cover?(value.size)
        value
      end
    end
  end
end
