module Usher
  module Activities
    module Kinds
      # Match up: what belongs together is brought together. Each row has one that stays and one or more that are brought
      # to it.
      #
      # Content: { "rows" => [[Face, Face, ...], ...] }, faces as hashes.
      # Move: { "piece" => name, "place" => "r1" or nil }. Cells are the pieces; a row is a question.
      class Match < Kind
        ROWS = 2..20
        COLUMNS = 2..4

        def self.title = "Match up"
        def self.purpose = "Bring together what belongs together."
        def self.columns = [ "This", "Belongs with…" ]
        def self.from_table(rows, _settings) = { "rows" => rows.map { |row| row.compact } }
        def to_table = content["rows"]
        def self.from_parts(parts) = parts["groups"]&.then { |groups| { "rows" => groups.map { |first, others| [ first, *others ] } } }
        def to_parts = { "groups" => content["rows"].map { |first, *others| [ first, others ] }, "pairs" => (content["rows"] if content["rows"].all? { |row| row.size == 2 }) }.compact

        def deal(seed) = Rows.new(pieces.size, rows.size, seed)

        def cells(deal) = deal.names

        def answering(deal) = Answering::Placing.new(deal.names, deal.rows.to_h { |place, row| [ place, rows[row].size - 1 ] })

        def right?(deal, answers, cell) = answers[cell] == home(deal, cell)

        def solve(deal, answers, cell) = answering(deal).accept(answers, { "piece" => cell, "place" => home(deal, cell) })

        def question(deal, cell) = pieces[deal.index(cell)].last

        def questions = rows.map { |row| row.first.words }

        def view(deal, answers)
          { "places" => deal.rows.to_h { |place, row| [ place, { "holds" => answering(deal).held(answers, place), "room" => rows[row].size - 1 } ] }, "pieces" => deal.names - answers.keys }
        end

        def told(deal, answers, cell) = rows[deal.rows.fetch(answers[cell])].first.words

        def faces(deal, _answers) = { **deal.pieces.transform_values { |index| pieces[index].first }, **deal.rows.transform_values { |row| rows[row].first } }

        def all_faces = rows.flatten

        def glimpse = rows.map { |row| row.first.words }.first(8)

        # A deal that also shuffles the rows, whose places have names of their own.
        class Rows < Deal
          attr_reader :rows # { place => number of its row }, in the order they are shown

          def initialize(count, rows, seed)
            random = Random.new(seed)
            super((0...count).to_a.shuffle(random: random))
            @rows = (0...rows).to_a.shuffle(random: random).each_with_index.to_h { |row, index| [ "r#{index + 1}", row ] }.freeze
          end
        end

        def paper(sheet, deal, answers, **)
          shown, view = faces(deal, answers), view(deal, answers)
          sheet.faces(view["pieces"].map { |name| shown[name] })
          view["places"].each { |place, lies| sheet.line(shown[place], lies["holds"].map { |name| shown[name] }) }
        end

        private

        def rows = @rows ||= content["rows"].map { |row| row.map { |face| Face.new(face) } }

        # [[Face, number of its row], ...]
        def pieces = @pieces ||= rows.each_with_index.flat_map { |row, number| row.drop(1).map { |face| [ face, number ] } }

        def home(deal, cell) = deal.rows.key(pieces[deal.index(cell)].last)

        def check(content)
          rows = list(content["rows"], ROWS, "Matching needs #{ROWS.begin} to #{ROWS.end} rows.").each_with_index.map { |row, index| row(row, index + 1) }
          distinct(rows.map(&:first)) { |face| "“#{face.words}” stands twice in the first column." }
          distinct(rows.flat_map { |row| row.drop(1) }) { |face| "“#{face.words}” would belong to two rows. Change one of them." }
          { "rows" => rows.map { |row| row.map(&:to_h) } }
        end

        def row(given, number)
          raise Invalid, "Row #{number} needs something that belongs with the first." unless given.is_a?(Array) && given.size >= 2
          list(given, COLUMNS, "Row #{number} has #{COLUMNS.end} that belong together at the most.").map { |face| Face.read(face, "Row #{number}", longest: 120) }
        end
      end
    end
  end
end
