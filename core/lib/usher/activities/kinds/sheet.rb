module Usher
  module Activities
    module Kinds
      # A sheet: several activities of any kinds in an order under one title, played one after the other or freely, with
      # one score.
      #
      # Content: { "way" => "turn" or "free", "parts" => [{ "title", "kind", "content" }, ...] }.
      # Move: { "part" => 1, "move" => a move of that part's kind }. What belongs to a part has its number before its
      # name: "2-f1". Answers: { "1" => answers of the first part, ... }.
      class Sheet < Kind
        autoload :Deals, "usher/activities/kinds/sheet/deals"

        PARTS = 1..20
        TITLE = Types::Line.new(80, blank: false)
        WAYS = { "turn" => "One after the other", "free" => "In any order" }.freeze

        def self.title = "Sheet"
        def self.purpose = "Several activities under one title, with one score."
        def self.settings = { "way" => Setting.new("They are played", WAYS) }

        # A row holds the title, the kind and the content of a part.
        def self.from_form(table:, settings: {}, **)
          { "way" => settings["way"], "parts" => Table.read(table).map { |title, kind, content| { "title" => Table.text(title), "kind" => Table.text(kind), "content" => content } } }
        end

        def self.columns = [ "Part", "Kind", "Content" ]
        def to_table = content["parts"].map { |part| part.values_at("title", "kind", "content") }

        # [[title, Kind], ...]
        def parts = @parts ||= content["parts"].map { |part| [ part["title"], Activities.registry.fetch(part["kind"]).build(part["content"]) ] }

        # The number of a part from 1, and the rest of a name.
        def self.split(name) = name.to_s.split("-", 2).then { |number, rest| [ number.to_i, rest ] }

        def part_of(cell) = self.class.split(cell).first

        def deal(seed) = Deals.new(parts.each_with_index.map { |(_, kind), index| kind.deal(seed + index) })
        def start(deal) = numbered { |kind, number| kind.start(deal.part(number)) }
        def cells(deal) = numbered { |kind, number| named(number, kind.cells(deal.part(number))) }.values.flatten
        def answering(_deal) = self

        def accept(deal, answers, move, fixed = [])
          number, inner = move.values_at("part", "move")
          raise Invalid, "A move names a part of the sheet, and what is done there." unless number.is_a?(Integer) && number.between?(1, parts.size) && inner.is_a?(Hash)
          mine = fixed.filter_map { |cell| self.class.split(cell).then { |of, rest| rest if of == number } }
          answers.merge(number.to_s => kind(number).accept(deal.part(number), answers[number.to_s], inner, mine))
        end

        def missed(answers) = numbered { |kind, number| kind.missed(answers[number.to_s]) }.values.sum
        def answer(deal, answers, cell) = within(deal, answers, cell) { |kind, *rest| kind.answer(*rest) }
        def right?(deal, answers, cell) = within(deal, answers, cell) { |kind, *rest| kind.right?(*rest) }
        def told(deal, answers, cell) = within(deal, answers, cell) { |kind, *rest| kind.told(*rest) }
        def revealed(deal, cell) = self.class.split(cell).then { |number, rest| kind(number).revealed(deal.part(number), rest) }

        def solve(deal, answers, cell)
          number, = self.class.split(cell)
          answers.merge(number.to_s => within(deal, answers, cell) { |kind, *rest| kind.solve(*rest) })
        end

        def moves_to(deal, answers) = numbered { |kind, number| kind.moves_to(deal.part(number), answers[number.to_s]).map { |move| { "part" => number, "move" => move } } }.values.flatten

        def mark(deal, answers) = numbered { |kind, number| kind.mark(deal.part(number), answers[number.to_s]).transform_keys { |cell| name(number, cell) } }.values.inject(:merge)

        def question(deal, cell)
          number, rest = self.class.split(cell)
          parts.first(number - 1).sum { |_, kind| kind.questions.size } + kind(number).question(deal.part(number), rest)
        end

        def questions = parts.flat_map { |_, kind| kind.questions }

        # "parts": what each part's kind shows.
        def view(deal, answers) = { "way" => content["way"], "parts" => numbered { |kind, number| kind.view(deal.part(number), answers[number.to_s]) }.values }

        def faces(deal, answers) = numbered { |kind, number| kind.faces(deal.part(number), answers[number.to_s]).transform_keys { |face| name(number, face) } }.values.inject(:merge)
        def all_faces = parts.flat_map { |_, kind| kind.all_faces }
        def glimpse = parts.map(&:first).first(8)

        def paper(sheet, deal, answers, solved: false)
          parts.each.with_index(1) do |(title, kind), number|
            sheet.text("#{number}  #{title}", size: 32, bold: true)
            kind.paper(sheet, deal.part(number), answers[number.to_s], solved: solved)
          end
        end

        private

        def kind(number) = parts.fetch(number - 1).last
        def name(number, rest) = "#{number}-#{rest}"
        def named(number, names) = names.map { |rest| name(number, rest) }

        # { "1" => what the block makes of the first part's kind, ... }
        def numbered = parts.each.with_index(1).to_h { |(_, kind), number| [ number.to_s, yield(kind, number) ] }

        def within(deal, answers, cell)
          number, rest = self.class.split(cell)
          yield kind(number), deal.part(number), answers[number.to_s], rest
        end

        def check(content)
          given = list(content["parts"], PARTS, "Take in #{PARTS.begin} to #{PARTS.end} activities.")
          parts = given.each_with_index.map { |part, index| check_part(part, index + 1) }
          raise Invalid, "That sheet has more than #{CELLS} things to answer. Make two of it." if parts.sum { |part| cells_of(part) } > CELLS
          { "way" => self.class.settings["way"].read(content["way"]), "parts" => parts }
        end

        def check_part(given, number)
          raise Invalid, "Part #{number} must come with its title, its kind and its content." unless given.is_a?(Hash)
          raise Invalid, "A sheet cannot lie in a sheet." if given["kind"] == "sheet"
          kind = Activities.registry.fetch(given["kind"].to_s).build(given["content"])
          { "title" => Invalid.about("The title of part #{number}") { TITLE.call(given["title"]) }, "kind" => given["kind"], "content" => kind.content }
        end

        def cells_of(part) = Activities.registry.fetch(part["kind"]).build(part["content"]).then { |kind| kind.cells(kind.deal(1)).size }
      end
    end
  end
end
