module Usher
  module Activities
    # What may be shown of a go to whoever looks at it now: the one place that says so.
    class Seen
      autoload :Part, "usher/activities/seen/part"

      # play: a Play; late: whether its time is over; all: somebody who may see every mark (the teacher); solved:
      # how it is solved instead of what was answered, where that may be seen.
      def initialize(play, late: false, all: false, solved: false)
        @play, @late, @all = play, late, all
        @solved = solved && solution?
      end

      # As the kind's partials read it (see Kind#view).
      def view = @view ||= kind.view(@play.deal, answers)

      # One part of a sheet (number: from 1), as the partials of its kind read it.
      def part(number) = Part.new(self, number)

      # The name under which something of it is asked for from outside.
      def name(name) = name

      # The Face under a name of the deal, if it can be seen.
      def face(name) = faces[name]

      # Why it is over: "done", "tries", "time", "finished"; nil while it is played.
      def ended = @play.ended || ("time" if @late)
      def over? = !ended.nil?
      def solved? = @solved

      # "right", "not" or "partly"; nil where nothing may be said.
      def sign(cell)
        return "right" if @solved
        points = @play.about(cell)["shown"] || (marks[cell] if told?)
        points && (points >= 1 ? "right" : (points.positive? ? "partly" : "not"))
      end

      # Whether the answer in a cell stays.
      def fixed?(cell) = over? || @solved || @play.about(cell)["fixed"] || false

      # What is shown of how a cell is solved (see Kind#revealed), once nothing can change there or all may be told.
      def revealed(cell) = (kind.revealed(@play.deal, cell) if @solved || @play.about(cell)["fixed"] || told?)

      # Whether the points may be told.
      def score? = @all || (over? && rules.marked != "teacher")

      # Whether it may be shown how it is solved.
      def solution? = @all || (over? && rules.solution && rules.marked != "teacher")

      # Whether all of it was right when it was last asked; nil when that was not asked, or something changed since.
      def all = @play.state["all"]

      def cells = @play.cells
      # Whether a cell was tried, be it that the answer went back.
      def tried?(cell) = answered?(cell) || fixed?(cell) || @play.about(cell)["wrong"].to_i.positive?
      def answered?(cell) = !kind.answer(@play.deal, @play.answers, cell).nil?
      def answered = @play.answered
      def size = @play.cells.size
      def rules = @play.rules
      def kind = @play.kind
      def score = @play.score
      def misses = @play.misses
      def moves = @play.moves

      private

      def answers = @solved ? kind.solution(@play.deal) : @play.answers

      # Marks that were not told while it was played are told at its end.
      def told? = @all || (over? && rules.asked? && rules.solution)

      def marks = @marks ||= kind.mark(@play.deal, @play.answers)
      def faces = @faces ||= kind.faces(@play.deal, answers)
    end
  end
end
