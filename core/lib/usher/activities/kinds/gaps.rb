module Usher
  module Activities
    module Kinds
      # Fill the gaps in a text: by typing, by dragging words there, or by choosing from a list at each gap.
      #
      # Content: { "text" => [text or { "right" => [text, ...], "wrong" => [text, ...] }, ...], "how" => "typed",
      # "more" => [words that fit nowhere], "case" => bool, "accents" => bool, "slip" => bool, "lengths" => bool }.
      # Moves are those of Answering::Typing, Placing or Choosing. Cells are the gaps: "f1", "f2".
      class Gaps < Kind
        autoload :Chosen, "usher/activities/kinds/gaps/chosen"
        autoload :Dragged, "usher/activities/kinds/gaps/dragged"
        autoload :Proposer, "usher/activities/kinds/gaps/proposer"
        autoload :Typed, "usher/activities/kinds/gaps/typed"

        HOW = { "typed" => :Typed, "dragged" => :Dragged, "chosen" => :Chosen }.freeze
        GAPS = 1..60
        WORD = Types::Line.new(60, blank: false)
        TEXT = 20_000 # characters
        FLAGS = { "case" => false, "accents" => true, "slip" => false, "lengths" => false }.freeze

        def self.title = "Fill the gaps"
        def self.purpose = "A text with words left out, to be typed, dragged there or chosen."
        def self.text = "Text"
        def self.settings
          yes_no = { "false" => "No", "true" => "Yes" }
          { "how" => Setting.new("How the gaps are filled", { "typed" => "By typing", "dragged" => "By dragging words", "chosen" => "From a list at each gap" }),
            "slip" => Setting.new("One slip is forgiven", yes_no), "case" => Setting.new("Capitals matter", yes_no), "accents" => Setting.new("Accents matter", yes_no.to_a.reverse.to_h), "lengths" => Setting.new("Gaps show their length", yes_no) }
        end

        # A text with its gaps in brackets: what is right there, other right answers after "|", wrong ones after "~", as
        # in "[tide|flood~wind]". The first cell of each row of the table is a word that fits nowhere.
        def self.from_form(table:, settings:, text: nil, **)
          parts = text.to_s.split(/(\[[^\[\]]*\])/).reject(&:empty?).map { |part| part.start_with?("[") && part.end_with?("]") ? gap_from(part[1..-2]) : part }
          flags = FLAGS.keys.to_h { |name| [ name, settings[name] == "true" ] }
          { "text" => parts, "how" => settings["how"], "more" => Table.read(table).map { |row| Table.text(row.first) }, **flags }
        end

        def self.gap_from(inside)
          right, *wrong = inside.split("~").map(&:strip)
          { "right" => right.to_s.split("|").map(&:strip).reject(&:empty?), "wrong" => wrong.reject(&:empty?) }
        end
        private_class_method :gap_from

        def self.columns = [ "Words that fit nowhere" ]
        def self.plain = [ 0 ]
        def to_table = content["more"].map { |word| [ word ] }
        def to_text = content["text"].map { |part| part.is_a?(String) ? part : "[#{[ part['right'].join('|'), *part['wrong'] ].join('~')}]" }.join
        def to_parts = { "words" => questions.uniq }

        def deal(seed) = Deal.shuffle(way.pieces.size, seed)

        def cells(_deal) = @cells ||= gaps.each_index.map { |number| "f#{number + 1}" }

        def answering(deal) = way.answering(deal, cells(deal))

        # The words in a gap.
        def answer(deal, answers, cell) = way.answer(deal, answers, cell)

        def right?(deal, answers, cell)
          given = answer(deal, answers, cell)
          !given.nil? && gap(cell)["right"].any? { |right| way.comparing.same?(given, right) }
        end

        def solve(deal, answers, cell) = way.solve(deal, answers, cell, gap(cell)["right"].first) { |other| right?(deal, answers, other) }

        def question(deal, cell) = cells(deal).index(cell)

        def questions = gaps.map { |gap| gap["right"].first }

        # "text": a list of text and of what its way of filling shows of a gap; "pieces": words still to be dragged.
        def view(deal, answers)
          names = cells(deal).each
          text = content["text"].map { |part| part.is_a?(String) ? part : names.next.then { |cell| { "cell" => cell, **way.shown(deal, answers, cell) } } }
          { "how" => content["how"], "text" => text, "pieces" => way.left(deal, answers) }
        end

        def told(deal, answers, cell) = answer(deal, answers, cell)

        def faces(deal, _answers) = deal.pieces.transform_values { |index| Face.literal(way.pieces[index]) }

        def glimpse = content["text"].map { |part| part.is_a?(String) ? part : "…" }.join.split("\n").first(3)

        def paper(sheet, deal, answers, **)
          shown, view = faces(deal, answers), view(deal, answers)
          sheet.faces(view["pieces"].map { |name| shown[name] })
          sheet.text(view["text"].map { |part| part.is_a?(String) ? part : on_paper(part, shown) }.join, size: 30)
        end

        private

        # A gap as it stands in a text on paper.
        def on_paper(gap, shown)
          given = gap["value"] || shown[gap["piece"] || gap["chosen"]]&.text
          return given if given
          gap["options"] ? "______________ (#{gap['options'].map { |name| shown[name].text }.join(' / ')})" : "______________"
        end

        def gaps = @gaps ||= content["text"].grep(Hash)
        def gap(cell) = gaps[cell[1..].to_i - 1]
        def way = @way ||= Gaps.const_get(HOW.fetch(content["how"])).new(gaps, content)

        def check(content)
          how = Invalid.about("How gaps are filled") { Types::Choice.new(*HOW.keys).call(content["how"]) }
          text = list(content["text"], 1..500, "Write a text first.").map { |part| part(part) }
          raise Invalid, "That text is longer than #{TEXT} characters." if text.grep(String).sum(&:length) > TEXT
          gaps = text.grep(Hash)
          raise Invalid, "There is no gap in this text yet. Choose the words that are to be left out." if gaps.empty?
          raise Invalid, "That is #{gaps.size} gaps; #{GAPS.end} is the most." if gaps.size > GAPS.end
          more = list(content.fetch("more", []), 0..40, "Add 40 other words at the most.").map { |word| word(word, "One of the other words") }.uniq
          Gaps.const_get(HOW.fetch(how)).check(gaps, more)
          flags = FLAGS.to_h { |name, otherwise| [ name, Invalid.about("Whether #{name} matters") { Types::Flag.new.call(content.fetch(name, otherwise)) } ] }
          { "text" => text, "how" => how, "more" => more, **flags }
        end

        def part(part)
          return Invalid.about("The text") { Types::Line.new(TEXT).call(part) } if part.is_a?(String)
          raise Invalid, "A gap must say what is right there." unless part.is_a?(Hash)
          right = list(part["right"], 1..8, "A gap needs 1 to 8 right answers.").map { |word| word(word, "What is right in a gap") }.uniq
          wrong = list(part.fetch("wrong", []), 0..8, "A gap has 8 wrong answers at the most.").map { |word| word(word, "A wrong answer") }.uniq
          both = (right & wrong).first
          raise Invalid, "“#{both}” is right and wrong in the same gap." if both
          { "right" => right, "wrong" => wrong }
        end

        def word(given, what) = Invalid.about(what) { WORD.call(given) }.gsub(/[[:space:]]+/, " ").strip
      end
    end
  end
end
