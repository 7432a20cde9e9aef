module Usher
  module Activities
    # One go at an activity: its deal, the answers given so far, and what became of them under its rules. What it
    # knows is in `state`, a hash that can be stored as JSON, so that the moves need not be made again.
    #
    # A move is one of the kind's own, or { "do" => "check" } to have it marked, { "do" => "hint" } to be helped (with
    # "cell", a name, or "part", a number, where it is to help), { "do" => "finish" } to hand in or give up.
    class Play
      MOVES = 2_000

      # marked: { cell => true or false } by this move; back: cells whose answer went back; all: whether all is
      # right, where that alone is told; ended: why it is over ("done", "tries", "time", "finished"), or nil.
      Outcome = Struct.new(:marked, :back, :all, :ended, keyword_init: true)

      attr_reader :kind, :rules, :deal, :state

      # kind: a Kind; rules: Rules; seed: an integer; state: as an earlier Play left it; deal: what the kind makes of the
      # seed, where that is known.
      def initialize(kind, rules, seed, state = nil, deal: kind.deal(seed))
        @kind, @rules, @deal = kind, rules, deal
        @state = state || { "answers" => kind.start(@deal), "cells" => {}, "moves" => 0, "misses" => 0, "checks" => 0, "all" => nil, "ended" => nil }
      end

      def answers = state["answers"]
      def cells = @cells ||= kind.cells(deal)
      def ended = state["ended"]
      def ended? = !ended.nil?
      def moves = state["moves"]
      def misses = state["misses"] + kind.missed(answers)

      # How many cells have an answer.
      def answered = cells.count { |cell| kind.answer(deal, answers, cell) }

      # Takes one more move; seconds: since the deal. Answers with an Outcome. Raises Invalid, and then nothing has
      # changed, for a move that is not possible.
      def take(move, seconds = 0)
        raise Invalid, "A move must come as a set of named values." unless move.is_a?(Hash)
        raise Invalid, OVER.fetch(ended) if ended?
        raise Invalid, OVER.fetch("time") if late?(seconds)
        raise Invalid, "That is more moves than one go allows. Start again." if moves >= MOVES
        outcome = move.key?("do") ? act(move) : give(move)
        state["moves"] += 1
        outcome.tap { outcome.ended = state["ended"] }
      end

      # Ends it when its time is over: true when that was now.
      def expire(seconds) = late?(seconds) && !ended? && (finish("time") && true)

      # What is known of a cell: "fixed", "wrong" (how often), "first" (right at first try), "shown" (points that
      # have been told), "hinted".
      def about(cell) = state["cells"].fetch(cell, {})

      def fixed = cells.select { |cell| about(cell)["fixed"] }

      def score = Score.new(self)

      OVER = {
        "done" => "This go is done already. Start again to play once more.", "tries" => "The tries for this go are used up.",
        "time" => "The time for this go is over.", "finished" => "This go has been handed in."
      }.freeze
      private_constant :OVER

      private

      def late?(seconds) = rules.seconds && seconds > rules.seconds

      def act(move)
        case move["do"]
        when "check" then check
        when "hint" then hint(move["cell"], move["part"])
        when "finish" then finish("finished")
        else raise Invalid, "Usher does not know that move."
        end
      end

      # An answer.
      def give(move)
        now = kind.accept(deal, answers, move, fixed)
        changed = cells.reject { |cell| kind.answer(deal, now, cell) == kind.answer(deal, answers, cell) }
        raise Invalid, "That one is in its place already." if changed.any? { |cell| about(cell)["fixed"] }
        before, state["answers"] = answers, now
        changed.each { |cell| note(cell, "shown" => nil) }
        state["all"] = nil
        rules.live? ? mark_now(changed, before) : Outcome.new(marked: {}, back: [])
      end

      # The answers in these cells are marked at once. before: the answers to go back to.
      def mark_now(changed, before)
        marked = changed.select { |cell| kind.answer(deal, answers, cell) }.to_h { |cell| [ cell, kind.right?(deal, answers, cell) ] }.compact
        marked.each { |cell, right| count(cell, right) }
        wrong = marked.reject { |_, right| right }.keys
        state["misses"] += 1 if wrong.any?
        back = rules.marked == "back" ? wrong.reject { |cell| about(cell)["fixed"] } : []
        state["answers"] = before if back.any?
        marked.each { |cell, right| note(cell, "shown" => back.include?(cell) ? nil : (right ? 1 : 0), "fixed" => right || out_of_tries?(cell)) }
        end_if_all_fixed
        Outcome.new(marked: marked, back: back)
      end

      def count(cell, right)
        note(cell, "first" => right) unless about(cell).key?("first")
        note(cell, "wrong" => about(cell)["wrong"].to_i + 1) unless right
      end

      def out_of_tries?(cell) = rules.tries && about(cell)["wrong"].to_i >= rules.tries

      def end_if_all_fixed
        return unless cells.all? { |cell| about(cell)["fixed"] }
        state["ended"] = cells.all? { |cell| about(cell)["shown"] == 1 } ? "done" : "tries"
      end

      # Marks all of it, because somebody asked.
      def check
        raise Invalid, "This activity is not marked while it is played." unless rules.asked?
        marks = kind.mark(deal, answers)
        raise Invalid, "Answer something first." if marks.values.all?(&:nil?)
        state["checks"] += 1
        marks.each { |cell, points| count(cell, points == 1) if points }
        all = marks.values.all? { |points| points == 1 }
        state["misses"] += 1 unless all
        state["all"] = all
        marks.each { |cell, points| note(cell, "shown" => points) } if rules.marked == "parts"
        state["ended"] = "done" if all
        state["ended"] ||= "tries" if rules.tries && state["checks"] >= rules.tries
        Outcome.new(marked: rules.marked == "parts" ? marks.compact.transform_values { |points| points == 1 } : {}, back: [], all: all)
      end

      # One cell is answered for whoever plays: this one, or the first that is open, of this part of a sheet.
      def hint(cell, part)
        raise Invalid, "There are no hints here." if rules.hints == "none"
        cell ||= cells.find { |one| (part.nil? || kind.part_of(one) == part) && !kind.right?(deal, answers, one) }
        raise Invalid, "There is nothing to help with there." unless cells.include?(cell) && !about(cell)["fixed"]
        before, state["answers"] = answers, kind.solve(deal, answers, cell)
        helped = [ cell, *cells.select { |one| kind.answer(deal, before, one).nil? && kind.right?(deal, answers, one) } ].uniq
        helped.each { |one| note(one, "hinted" => true, "fixed" => true, "shown" => 1, "first" => about(one).fetch("first", false)) }
        end_if_all_fixed
        Outcome.new(marked: {}, back: [])
      end

      def finish(why)
        state["ended"] = why
        Outcome.new(marked: {}, back: [])
      end

      def note(cell, values)
        state["cells"][cell] = about(cell).merge(values)
      end
    end
  end
end
