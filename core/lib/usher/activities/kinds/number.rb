module Usher
  module Activities
    module Kinds
      # A number as the answer, with a decimal comma or point, as a fraction, with a unit; exact, or within a tolerance.
      #
      # Content: { "questions" => [{ "ask" => Face, "right" => "2.5 m", "within" => "0.1" or nil }, ...], "unit" =>
      # "asked" or "free" }. Move: { "field" => "n1", "text" => text }. Cells are the questions.
      class Number < Kind
        QUESTIONS = 1..40

        def self.title = "Number answer"
        def self.purpose = "The answer is a number, with a unit or without."
        def self.listed = "questions"
        def self.columns = [ "Question", "Answer", "Give or take, or nothing" ]
        def self.plain = [ 1, 2 ]
        def self.settings = { "unit" => Setting.new("A unit left out", { "asked" => "Is not right", "free" => "Is forgiven" }) }

        def self.from_table(rows, settings)
          { "unit" => settings["unit"], "questions" => rows.map { |ask, right, within| { "ask" => ask, "right" => Table.text(right), "within" => (Table.text(within) unless Table.blank?(within)) }.compact } }
        end

        def to_table = content["questions"].map { |question| question.values_at("ask", "right", "within") }

        def deal(_seed) = Deal.new([])
        def cells(_deal) = @cells ||= asked.each_index.map { |number| "n#{number + 1}" }
        def answering(deal) = Answering::Typing.new(cells(deal))

        # Whatever is as much counts, in any unit that belongs to it.
        def right?(_deal, answers, cell)
          given = answers[cell] && Quantity.try(answers[cell]) or return false
          _, right, within = asked[number(cell)]
          given = Quantity.new(given.amount, right.unit) if given.unit.empty? && content["unit"] == "free"
          return Units.known.equal?(given, right) unless within
          near = Units.known.total([ given, Quantity.new(-right.amount, right.unit) ])
          near.one? && near.first.amount.abs <= Units.known.total([ within, Quantity.new(0, near.first.unit) ]).first.amount
        end

        def solve(_deal, answers, cell) = answers.merge(cell => asked[number(cell)][1].to_s)
        def question(_deal, cell) = number(cell)
        def questions = asked.map { |ask, *| ask.words }
        def view(deal, answers) = { "questions" => cells(deal).to_h { |cell| [ cell, answers[cell] ] } }
        def told(_deal, answers, cell) = answers[cell]
        def faces(deal, _answers) = cells(deal).zip(asked.map(&:first)).to_h
        def all_faces = asked.map(&:first)
        def glimpse = questions.first(4)

        def paper(sheet, deal, answers, **)
          shown = faces(deal, answers)
          view(deal, answers)["questions"].each { |cell, value| sheet.line(shown[cell], [ value ].compact) }
        end

        private

        # [[Face, Quantity, Quantity or nil], ...]
        def asked = @asked ||= content["questions"].map { |question| [ Face.new(question["ask"]), Quantity.read(question["right"]), question["within"]&.then { |within| tolerance(within, Quantity.read(question["right"])) } ] }

        def number(cell) = cell[1..].to_i - 1

        # Without a unit of its own it is in that of the answer.
        def tolerance(text, right) = Quantity.read(text).then { |within| within.unit.empty? ? Quantity.new(within.amount, right.unit) : within }

        def check(content)
          unit = Setting.new("A unit left out", self.class.settings["unit"].choices).read(content["unit"])
          given = list(content["questions"], QUESTIONS, "Write #{QUESTIONS.begin} to #{QUESTIONS.end} questions.")
          { "unit" => unit, "questions" => given.each_with_index.map { |question, index| check_question(question, index + 1) } }
        end

        def check_question(given, number)
          raise Invalid, "Question #{number} must come with its answer." unless given.is_a?(Hash)
          ask = Face.read(given["ask"], "Question #{number}")
          raise Invalid, "“#{ask.words}” has no answer yet." unless given["right"].is_a?(String) && !given["right"].strip.empty?
          right = Quantity.read(given["right"])
          within = given["within"] && tolerance(given["within"], right)
          raise Invalid, "What “#{ask.words}” may be out by is no amount of the same unit." if within && (within.amount.negative? || Units.known.total([ within, right ]).size > 1)
          { "ask" => ask.to_h, "right" => given["right"].strip, "within" => given["within"]&.strip }.compact
        end
      end
    end
  end
end
