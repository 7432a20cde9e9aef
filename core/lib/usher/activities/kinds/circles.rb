module Usher
  module Activities
    module Kinds
      # Overlapping circles: two or three, with a region for everything that belongs to several of them, or to none.
      #
      # Content: { "circles" => [Face, Face, (Face)], "things" => [{ "face" => Face, "in" => [0, 1] }, ...] }.
      # Move: { "piece" => name, "place" => "c01" or nil }: the region of the first and the second circle. Cells are the
      # things.
      class Circles < Kind
        CIRCLES = 2..3
        THINGS = 2..40

        def self.title = "Overlapping circles"
        def self.purpose = "Bring each thing to the circle, or the overlap, it belongs to."
        def self.columns = [ "Thing", "Circle", "Circle too…" ]
        def self.plain = [ 1, 2, 3 ]

        # The circles are called by whatever names stand behind the things, in the order they come in.
        def self.from_table(rows, _settings)
          circles = rows.flat_map { |_, *names| names.compact }.uniq { |name| Table.key(name) }
          index = ->(name) { circles.index { |circle| Table.key(circle) == Table.key(name) } }
          { "circles" => circles, "things" => rows.map { |face, *names| { "face" => face, "in" => names.compact.map(&index).uniq.sort } } }
        end

        def to_table = content["things"].map { |thing| [ thing["face"], *thing["in"].map { |number| content["circles"][number] } ] }

        def deal(seed) = Deal.shuffle(things.size, seed)
        def cells(deal) = deal.names
        def answering(deal) = Answering::Placing.new(deal.names, regions.to_h { |region| [ region, nil ] })
        def right?(deal, answers, cell) = answers[cell] == home(deal, cell)
        def solve(deal, answers, cell) = answers.merge(cell => home(deal, cell))
        def question(deal, cell) = deal.index(cell)
        def questions = things.map { |face, _| face.words }

        def view(deal, answers)
          { "circles" => circles.each_index.map { |number| "k#{number + 1}" }, "regions" => regions.to_h { |region| [ region, answering(deal).held(answers, region) ] }, "pieces" => deal.names - answers.keys }
        end

        def told(_deal, answers, cell) = answers[cell][1..].chars.map { |number| circles[number.to_i].words }.then { |names| names.empty? ? "outside" : names.join(" and ") }
        def faces(deal, _answers) = { **deal.pieces.transform_values { |index| things[index].first }, **circles.each_with_index.to_h { |face, number| [ "k#{number + 1}", face ] } }
        def all_faces = circles + things.map(&:first)
        def glimpse = Deal.shuffle(things.size, 1).pieces.values.map { |index| questions[index] }.first(8)

        def paper(sheet, deal, answers, **)
          shown, view = faces(deal, answers), view(deal, answers)
          sheet.faces(view["pieces"].map { |name| shown[name] })
          view["regions"].each do |region, held|
            inside = region[1..].chars.map { |number| circles[number.to_i].words }
            sheet.box(inside.empty? ? "None of them" : inside.join(" and "), held.map { |name| shown[name] })
          end
        end

        private

        def circles = @circles ||= content["circles"].map { |face| Face.new(face) }

        # [[Face, the numbers of its circles], ...]
        def things = @things ||= content["things"].map { |thing| [ Face.new(thing["face"]), thing["in"] ] }

        # One for each set of circles, the one outside all of them last.
        def regions = @regions ||= (1..circles.size).flat_map { |count| (0...circles.size).to_a.combination(count).map { |some| "c#{some.join}" } } + [ "c" ]

        def home(deal, cell) = "c#{things[deal.index(cell)].last.join}"

        def check(content)
          circles = list(content["circles"], CIRCLES, "Name two or three circles.").each_with_index.map { |face, index| Face.read(face, "The name of circle #{index + 1}", longest: 40) }
          distinct(circles) { |face| "Two circles are called “#{face.words}”." }
          things = list(content["things"], THINGS, "Write #{THINGS.begin} to #{THINGS.end} things.").each_with_index.map { |thing, index| check_thing(thing, index + 1, circles.size) }
          distinct(things.map(&:first)) { |face| "“#{face.words}” stands twice." }
          { "circles" => circles.map(&:to_h), "things" => things.map { |face, home| { "face" => face.to_h, "in" => home } } }
        end

        def check_thing(given, number, circles)
          raise Invalid, "Row #{number} must say where the thing belongs." unless given.is_a?(Hash)
          home = given["in"]
          raise Invalid, "Row #{number} must say where the thing belongs." unless home.is_a?(Array) && home.uniq == home && home.all? { |one| one.is_a?(Integer) && one.between?(0, circles - 1) }
          [ Face.read(given["face"], "Row #{number}", longest: 60), home.sort ]
        end
      end
    end
  end
end
