module Usher
  module Activities
    module Kinds
      # Count out: put so many things into a box.
      #
      # Content: { "boxes" => [{ "ask" => Face, "thing" => Face, "count" => 7 }, ...] }. There are more things than
      # are asked for. Move: { "piece" => name, "place" => "b1" or nil }. Cells are the boxes.
      class Count < Kind
        BOXES = 1..10
        THINGS = 1..30
        MORE = 5 # things than are asked for

        def self.title = "Count out"
        def self.purpose = "Put so many things into a box."
        def self.listed = "boxes"
        def self.columns = [ "Question", "How many", "Thing" ]
        def self.plain = [ 1 ]

        def self.from_table(rows, _settings)
          { "boxes" => rows.map { |ask, count, thing| { "ask" => ask, "count" => Integer(Table.text(count).strip, 10, exception: false), "thing" => thing || "●" } } }
        end

        def to_table = content["boxes"].map { |box| [ box["ask"], box["count"].to_s, box["thing"] ] }

        def deal(seed) = Deal.shuffle(things.size, seed)
        def cells(_deal) = @cells ||= boxes.each_index.map { |number| "b#{number + 1}" }
        def answering(deal) = Answering::Placing.new(deal.names, cells(deal).to_h { |cell| [ cell, nil ] })

        def accept(deal, answers, move, fixed = [])
          super.tap { |now| now.each { |piece, box| raise Invalid, "That thing belongs to another box." unless things[deal.index(piece)] == number(box) } }
        end

        # How many lie in the box; each thing counts as the others do.
        def answer(deal, answers, cell) = answering(deal).held(answers, cell).size.then { |count| count unless count.zero? }

        # Too few say nothing yet.
        def right?(deal, answers, cell)
          given, asked = answer(deal, answers, cell).to_i, boxes[number(cell)]["count"]
          given < asked ? nil : given == asked
        end

        def solve(deal, answers, cell)
          mine = deal.names.select { |name| things[deal.index(name)] == number(cell) }
          answers.except(*mine).merge(mine.first(boxes[number(cell)]["count"]).to_h { |name| [ name, cell ] })
        end

        def question(_deal, cell) = number(cell)
        def questions = boxes.map { |box| box["ask"].words }

        def view(deal, answers)
          { "boxes" => cells(deal).to_h do |cell|
            mine = deal.names.select { |name| things[deal.index(name)] == number(cell) }
            [ cell, { "holds" => answering(deal).held(answers, cell), "pieces" => mine - answers.keys } ]
          end }
        end

        def told(deal, answers, cell) = answer(deal, answers, cell).to_s
        def faces(deal, _answers) = { **deal.pieces.transform_values { |index| boxes[things[index]]["thing"] }, **cells(deal).zip(boxes.map { |box| box["ask"] }).to_h }
        def all_faces = boxes.flat_map { |box| box.values_at("ask", "thing") }
        def glimpse = questions.first(4)

        def paper(sheet, deal, answers, **)
          shown = faces(deal, answers)
          view(deal, answers)["boxes"].each { |cell, box| sheet.box(shown[cell].words, box["holds"].map { |name| shown[name] }) }
        end

        private

        def boxes = @boxes ||= content["boxes"].map { |box| { "ask" => Face.new(box["ask"]), "thing" => Face.new(box["thing"]), "count" => box["count"] } }

        # Of each thing the number of its box.
        def things = @things ||= boxes.each_with_index.flat_map { |box, number| [ number ] * (box["count"] + MORE) }

        def number(cell) = cell[1..].to_i - 1

        def check(content)
          given = list(content["boxes"], BOXES, "Write #{BOXES.begin} to #{BOXES.end} questions.")
          { "boxes" => given.each_with_index.map { |box, index| check_box(box, index + 1) } }
        end

        def check_box(given, number)
          raise Invalid, "Question #{number} must say how many." unless given.is_a?(Hash)
          ask, thing = Face.read(given["ask"], "Question #{number}"), Face.read(given["thing"], "The thing of question #{number}", longest: 20)
          raise Invalid, "Say how many “#{ask.words}” asks for, #{THINGS.begin} to #{THINGS.end}." unless given["count"].is_a?(Integer) && THINGS.cover?(given["count"])
          { "ask" => ask.to_h, "thing" => thing.to_h, "count" => given["count"] }
        end
      end
    end
  end
end
