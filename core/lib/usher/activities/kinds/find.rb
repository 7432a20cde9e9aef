module Usher
  module Activities
    module Kinds
      # Find it on the picture: things are asked for in turn and tapped on a picture, on which the teacher drew where
      # they are. Whoever misses tries again; where tries are limited it is shown after the last.
      #
      # Content: { "picture" => Face, "things" => [{ "ask" => Face, "area" => Area as a hash }, ...] }.
      # Move: { "cell" => name, "at" => [x, y] } in shares of the picture. Cells are the things, in the order they are
      # asked. Areas may overlap: a mast lies on its boat.
      class Find < Kind
        include Pictured
        autoload :Area, "usher/activities/kinds/find/area"

        THINGS = 1..30

        def self.title = "Find it on the picture"
        def self.purpose = "Things are asked for in turn and tapped on a picture."
        def self.columns = [ "What to find", "Where" ]
        def self.placed = "area"
        def self.rules = { "tries" => 2, "marked" => "move" }

        # Where something is, is written as Area#to_s does.
        def self.from_form(table:, settings: {}, picture: nil, **)
          { "picture" => picture, "things" => Table.read(table).map { |ask, where| { "ask" => ask || "", "area" => Area.parse(Table.text(where)) } } }
        end

        def to_table = things.map { |ask, area| [ ask.to_h, area.to_s ] }

        def deal(seed) = Deal.shuffle(things.size, seed)
        def cells(deal) = deal.names
        def answering(_deal) = self

        def accept(deal, answers, move, _fixed = [])
          cell, at = move.values_at("cell", "at")
          raise Invalid, "That is not asked for in this activity." unless deal.names.include?(cell)
          answers.merge(cell => point(at, "What you tapped"))
        end

        def right?(deal, answers, cell) = answers.key?(cell) && area(deal, cell).holds?(answers[cell])
        def solve(deal, answers, cell) = answers.merge(cell => area(deal, cell).middle)
        def moves_to(_deal, answers) = answers.map { |cell, at| { "cell" => cell, "at" => at } }
        def question(deal, cell) = deal.index(cell)
        def questions = things.map { |ask, _| ask.words }

        # "things": { cell => where it was tapped, or nil }, in the order they are asked.
        def view(deal, answers) = { "things" => deal.names.to_h { |cell| [ cell, answers[cell] ] } }

        # Where it is: the points of its outline.
        def revealed(deal, cell) = area(deal, cell).outline

        # What was tapped instead.
        def told(_deal, answers, cell) = things.find { |_, area| area.holds?(answers[cell]) }&.first&.words || "somewhere else"

        def faces(deal, _answers) = { **deal.pieces.transform_values { |index| things[index].first }, "picture" => picture }
        def all_faces = [ picture, *things.map(&:first) ]
        def glimpse = Deal.shuffle(things.size, 1).pieces.values.map { |index| questions[index] }.first(6)

        def paper(sheet, deal, answers, **)
          shown = faces(deal, answers)
          sheet.text("Write each number where it belongs on the picture.")
          sheet.figure(picture, deal.names.each_with_index.filter_map { |cell, index| [ *answers[cell], (index + 1).to_s ] if answers[cell] })
          deal.names.each_with_index { |cell, index| sheet.text("#{index + 1}  #{shown[cell].words}") }
        end

        private

        # [[Face, Area], ...]
        def things = @things ||= content["things"].map { |thing| [ Face.new(thing["ask"]), Area.new(thing["area"]) ] }
        def area(deal, cell) = things[deal.index(cell)].last

        def check(content)
          given = list(content["things"], THINGS, "Draw on the picture where something is. #{THINGS.end} is the most.")
          things = given.each_with_index.map { |thing, index| check_thing(thing, index + 1) }
          distinct(things, by: ->(thing) { Face.new(thing["ask"]).key }) { |thing| "“#{Face.new(thing['ask']).words}” is asked for twice." }
          distinct(things, by: ->(thing) { thing["area"] }) { |thing| "“#{Face.new(thing['ask']).words}” has the same area as another." }
          { "picture" => check_picture(content["picture"]), "things" => things }
        end

        def check_thing(given, number)
          raise Invalid, "Row #{number} needs what to find and where it is." unless given.is_a?(Hash)
          face = Face.read(given["ask"], "What to find in row #{number}", longest: 120)
          raise Invalid, "Draw on the picture where “#{face.words}” is." if given["area"].nil?
          { "ask" => face.to_h, "area" => Invalid.about("The area of “#{face.words}”") { Area.read(given["area"]) }.to_h }
        end
      end
    end
  end
end
