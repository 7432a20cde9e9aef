module Usher
  module Activities
    module Kinds
      # Put in order: things, the words of a sentence, or the letters of a word; several of them one after another.
      #
      # Content: { "of" => "things", "lines" => [{ "ask" => Face or nil, "pieces" => [Face, ...] }] }, or
      # "of" => "words" or "letters" with { "ask", "right" => [text, ...] }: every right order, made of the same pieces.
      # Move: { "piece" => name, "place" => "a1" or nil }. Cells are the places; a line is a question. While
      # it is played a place is right when it agrees with an order that fits the others best; at the end the longest
      # run of pieces that stand in order counts, whatever stands between.
      class Order < Kind
        OF = %w[things words letters].freeze
        LINES = 1..20
        PIECES = 2..24

        # A line: what is asked, the faces to be put in order, and the right orders, as keys of faces.
        Line = Struct.new(:ask, :pieces, :orders)

        def self.title = "Put in order"
        def self.purpose = "Things, the words of a sentence or the letters of a word, in their order."
        def self.listed = "lines"
        def self.columns = [ "Question, or nothing", "In the right order", "Thing, or another right order…" ]
        def self.settings = { "of" => Setting.new("What is put in order", { "words" => "Words of a sentence", "letters" => "Letters of a word", "things" => "Things" }) }

        def self.from_table(rows, settings)
          part = settings["of"] == "things" ? ->(cells) { { "pieces" => cells } } : ->(cells) { { "right" => cells.map { |cell| Table.text(cell) } } }
          { "of" => settings["of"], "lines" => rows.map { |ask, *cells| { "ask" => ask, **part.(cells.reject { |cell| Table.blank?(cell) }) } } }
        end

        def to_table = content["lines"].map { |line| [ line["ask"], *(line["pieces"] || line["right"]) ] }
        def self.from_parts(parts) = parts["list"]&.then { |faces| { "of" => "things", "lines" => [ { "pieces" => faces } ] } }
        def to_parts = content["of"] == "things" ? { "list" => content["lines"].first["pieces"] } : {}

        def deal(seed) = Deal.shuffle(pieces.size, seed) { |order| lines.each_index.none? { |number| solved?(order, number) } }

        def cells(_deal) = places.flatten

        def answering(deal) = Answering::Lining.new(deal.names, places)

        def accept(deal, answers, move, fixed = [])
          super.tap { |now| now.each { |piece, place| raise Invalid, "That piece belongs to another line." unless line_of(place) == pieces[deal.index(piece)].last } }
        end

        def answer(_deal, answers, cell) = answers.key(cell)

        def right?(deal, answers, cell)
          piece = answer(deal, answers, cell) or return false
          best(deal, answers, cell).any? { |order| order[index_of(cell)] == key(deal, piece) }
        end

        def mark(deal, answers) = lines.each_index.inject({}) { |marks, number| marks.merge(mark_line(deal, answers, number)) }

        def solve(deal, answers, cell)
          wanted = best(deal, answers, cell).first
          number = line_of(cell)
          right = places[number].each_index.filter_map { |index| places[number][index] if key_at(deal, answers, places[number][index]) == wanted[index] }
          piece = deal.names.find { |name| pieces[deal.index(name)].last == number && key(deal, name) == wanted[index_of(cell)] && !right.include?(answers[name]) }
          Answering::Placing.new(deal.names, places.flatten.to_h { |place| [ place, 1 ] }).accept(answers, { "piece" => piece, "place" => cell })
        end

        def question(_deal, cell) = line_of(cell)

        def questions = lines.map { |line| line.ask&.words || line.pieces.map(&:words).join(joint) }

        def view(deal, answers)
          at = answers.invert
          { "of" => content["of"], "lines" => lines.each_with_index.map do |line, number|
            mine = deal.names.select { |name| pieces[deal.index(name)].last == number }
            { "ask" => ("q#{number + 1}" if line.ask), "places" => places[number].to_h { |place| [ place, at[place] ] }, "pieces" => mine - answers.keys }
          end }
        end

        def told(deal, answers, cell)
          places[line_of(cell)].filter_map { |place| answer(deal, answers, place)&.then { |piece| pieces[deal.index(piece)].first.words } }.join(joint)
        end

        def faces(deal, _answers)
          asks = lines.each_with_index.filter_map { |line, number| [ "q#{number + 1}", line.ask ] if line.ask }.to_h
          { **asks, **deal.pieces.transform_values { |index| pieces[index].first } }
        end

        def all_faces = lines.flat_map { |line| [ line.ask, *line.pieces ] }.compact

        def glimpse = Deal.shuffle(pieces.size, 1).pieces.values.map { |index| pieces[index].first.words }.first(12)

        def paper(sheet, deal, answers, **)
          shown = faces(deal, answers)
          view(deal, answers)["lines"].each do |line|
            sheet.face(shown[line["ask"]]) if line["ask"]
            sheet.faces(line["pieces"].map { |name| shown[name] })
            held = line["places"].values.compact
            sheet.faces(held.map { |name| shown[name] }, blank: line["places"].size - held.size)
          end
        end

        private

        def joint = { "things" => ", ", "words" => " ", "letters" => "" }.fetch(content["of"])

        def lines
          @lines ||= content["lines"].map do |line|
            ask = line["ask"] && Face.new(line["ask"])
            next Line.new(ask, line["pieces"].map { |face| Face.new(face) }, nil) if content["of"] == "things"
            split = line["right"].map { |text| split(text) }
            Line.new(ask, split.first.map { |text| Face.literal(text) }, split)
          end.each { |line| line.orders = line.orders ? line.orders.map { |order| order.map { |text| Face.literal(text).key } } : [ line.pieces.map(&:key) ] }
        end

        # [[Face, number of its line], ...]
        def pieces = @pieces ||= lines.each_with_index.flat_map { |line, number| line.pieces.map { |piece| [ piece, number ] } }

        # The names of the places, line by line.
        def places = @places ||= lines.zip("a".."t").map { |line, letter| line.pieces.each_index.map { |index| "#{letter}#{index + 1}" } }

        def line_of(place) = place.ord - "a".ord
        def index_of(place) = place[1..].to_i - 1

        def key(deal, piece) = pieces[deal.index(piece)].first.key
        def key_at(deal, answers, place) = answer(deal, answers, place)&.then { |piece| key(deal, piece) }

        # The orders that agree with most of what lies elsewhere in the line of a place.
        def best(deal, answers, cell)
          number = line_of(cell)
          there = places[number].map { |place| key_at(deal, answers, place) unless place == cell }
          orders = lines[number].orders
          orders.group_by { |order| order.zip(there).count { |wanted, held| wanted == held } }.max.last
        end

        def mark_line(deal, answers, number)
          held = places[number].map { |place| key_at(deal, answers, place) }
          right = lines[number].orders.map { |order| in_order(held.compact, order) }.max_by(&:size)
          filled = held.each_index.select { |index| held[index] }
          right = right.map { |index| filled[index] }
          places[number].each_with_index.to_h { |place, index| [ place, (right.include?(index) ? 1 : 0 if held[index]) ] }
        end

        # The indices of the longest part of `held` that comes in the same order in `order` (longest common
        # subsequence by dynamic programming).
        def in_order(held, order)
          longest = Array.new(held.size + 1) { Array.new(order.size + 1, 0) }
          (held.size - 1).downto(0) do |i|
            (order.size - 1).downto(0) { |j| longest[i][j] = held[i] == order[j] ? longest[i + 1][j + 1] + 1 : [ longest[i + 1][j], longest[i][j + 1] ].max }
          end
          found, i, j = [], 0, 0
          while i < held.size && j < order.size
            if held[i] == order[j] then found << i; i += 1; j += 1
            elsif longest[i + 1][j] >= longest[i][j + 1] then i += 1
            else j += 1
            end
          end
          found
        end

        # Whether the pieces of a line lie in a right order by chance.
        def solved?(order, number)
          keys = order.filter_map { |index| pieces[index].first.key if pieces[index].last == number }
          lines[number].orders.include?(keys)
        end

        def split(text) = content_of == "letters" ? text.grapheme_clusters : text.split
        def content_of = @of || content["of"]

        def check(content)
          @of = Invalid.about("What is put in order") { Types::Choice.new(*OF).call(content["of"]) }
          given = list(content["lines"], LINES, "Write #{LINES.begin} to #{LINES.end} things to put in order.")
          lines = given.each_with_index.map { |line, index| line(line, "Line #{index + 1}") }
          raise Invalid, "That is more than #{CELLS} pieces." if lines.sum { |line| (line["pieces"] || split(line["right"].first)).size } > CELLS
          { "of" => @of, "lines" => lines }
        end

        def line(line, what)
          raise Invalid, "#{what} must say what is put in order." unless line.is_a?(Hash)
          ask = line["ask"].nil? || line["ask"] == "" || line["ask"] == {} ? nil : Face.read(line["ask"], "The question of #{what.downcase}").to_h
          { "ask" => ask, **(@of == "things" ? things(line["pieces"], what) : rights(line["right"], what)) }.compact
        end

        def things(given, what)
          faces = list(given, PIECES, "#{what} needs #{PIECES.begin} to #{PIECES.end} things.").map { |face| Face.read(face, "A thing in #{what.downcase}", longest: 120) }
          distinct(faces) { |face| "“#{face.words}” stands twice in #{what.downcase}." }
          { "pieces" => faces.map(&:to_h) }
        end

        def rights(given, what)
          texts = list(given, 1..6, "#{what} has 1 to 6 right orders.").map { |text| Invalid.about(what) { Types::Line.new(240, blank: false).call(text).squeeze(" ").strip } }
          first, *others = texts.map { |text| split(text) }
          raise Invalid, "“#{texts.first}” has a space. Write one word, or choose words instead of letters." if @of == "letters" && texts.first.include?(" ")
          raise Invalid, "“#{texts.first}” needs #{PIECES.begin} to #{PIECES.end} #{@of}." unless PIECES.cover?(first.size)
          odd = others.index { |other| other.map(&:downcase).sort != first.map(&:downcase).sort }
          raise Invalid, "“#{texts[odd + 1]}” is not made of the same #{@of} as “#{texts.first}”." if odd
          raise Invalid, "All #{@of} of “#{texts.first}” are the same." if first.map(&:downcase).uniq.one?
          { "right" => texts.uniq }
        end
      end
    end
  end
end
