module Usher
  module Activities
    module Kinds
      # Timeline: events brought to their places on a line, evenly or to scale.
      #
      # Content: { "events" => [{ "face" => Face, "from" => text, "until" => text or nil }, ...], "scale" => "even" or
      # "true" }. Dates are read by Moment: from 3000 BCE to times of a day. Move: { "piece" => name, "place" => "t1" }.
      # Cells are the places; events of the same moment may change places.
      class Timeline < Kind
        autoload :Moment, "usher/activities/kinds/timeline/moment"

        EVENTS = 2..30

        def self.title = "Timeline"
        def self.purpose = "Bring events to their places in time."
        def self.columns = [ "Event", "When", "Until, or nothing" ]
        def self.plain = [ 1, 2 ]
        def self.settings = { "scale" => Setting.new("Places lie", { "even" => "Evenly", "true" => "To scale" }) }

        def self.from_table(rows, settings)
          { "scale" => settings["scale"], "events" => rows.map { |face, from, till| { "face" => face, "from" => Table.text(from), "until" => (Table.text(till) unless Table.blank?(till)) }.compact } }
        end

        def to_table = content["events"].map { |event| event.values_at("face", "from", "until") }
        def to_parts = { "list" => sorted_indices.map { |index| content["events"][index]["face"] } }

        def deal(seed) = Deal.shuffle(events.size, seed) { |order| order.map { |index| moment(index) }.then { |moments| moments != moments.sort } }
        def cells(_deal) = @cells ||= events.each_index.map { |number| "t#{number + 1}" }
        def answering(deal) = Answering::Lining.new(deal.names, [ cells(deal) ])
        def answer(_deal, answers, cell) = answers.key(cell)

        def right?(deal, answers, cell)
          piece = answer(deal, answers, cell)
          !piece.nil? && moment(deal.index(piece)) == sorted[number(cell)]
        end

        def solve(deal, answers, cell)
          piece = deal.names.find { |name| moment(deal.index(name)) == sorted[number(cell)] && !(answers[name] && right?(deal, answers, answers[name])) }
          Answering::Placing.new(deal.names, cells(deal).to_h { |place| [ place, 1 ] }).accept(answers, { "piece" => piece, "place" => cell })
        end

        def question(deal, cell) = sorted_indices[number(cell)]
        def questions = events.map { |face, *| face.words }

        # "at": how far along the line a place is, 0 to 1; "when": only where the event lies rightly would it tell nothing.
        def view(deal, answers)
          at = answers.invert
          places = cells(deal).each_with_index.to_h { |cell, index| [ cell, { "at" => share(index), "piece" => at[cell] } ] }
          { "scale" => content["scale"], "places" => places, "pieces" => deal.names - answers.keys, "ends" => [ label(sorted_indices.first), label(sorted_indices.last) ] }
        end

        def told(deal, answers, cell) = events[deal.index(answer(deal, answers, cell))].first.words
        def faces(deal, _answers) = deal.pieces.transform_values { |index| events[index].first }
        def all_faces = events.map(&:first)
        def glimpse = Deal.shuffle(events.size, 1).pieces.values.map { |index| questions[index] }.first(6)

        def paper(sheet, deal, answers, **)
          shown, view = faces(deal, answers), view(deal, answers)
          sheet.faces(view["pieces"].map { |name| shown[name] })
          sheet.text("From #{view['ends'].first} to #{view['ends'].last}:")
          view["places"].values.each_with_index { |place, index| sheet.line("#{index + 1}", [ shown[place["piece"]] ].compact) }
        end

        private

        # [[Face, Moment, Moment or nil], ...]
        def events = @events ||= content["events"].map { |event| [ Face.new(event["face"]), Moment.read(event["from"]), event["until"]&.then { |till| Moment.read(till) } ] }

        # Where on the line an event stands: at its beginning, or in the middle of its range.
        def moment(index) = events[index].drop(1).compact.then { |ends| ends.sum(&:value) / ends.size }

        def sorted_indices = @sorted_indices ||= events.each_index.sort_by { |index| [ moment(index), index ] }
        def sorted = @sorted ||= sorted_indices.map { |index| moment(index) }
        def number(cell) = cell[1..].to_i - 1
        def label(index) = content["events"][index].values_at("from", "until").compact.join("–")

        def share(index)
          return (index + 0.5) / events.size if content["scale"] == "even" || sorted.first == sorted.last
          ((sorted[index] - sorted.first) / (sorted.last - sorted.first).to_f).round(4)
        end

        def check(content)
          scale = self.class.settings["scale"].read(content["scale"])
          given = list(content["events"], EVENTS, "A timeline needs #{EVENTS.begin} to #{EVENTS.end} events.")
          events = given.each_with_index.map { |event, index| check_event(event, index + 1) }
          moments = events.flat_map { |event| event.values_at("from", "until").compact.map { |text| Moment.read(text) } }
          raise Invalid, "Times of a day and dates do not go on the same line." if moments.map(&:clock?).uniq.size > 1
          distinct(events, by: ->(event) { Face.new(event["face"]).key }) { |event| "“#{Face.new(event['face']).words}” stands twice." }
          { "scale" => scale, "events" => events }
        end

        def check_event(given, number)
          raise Invalid, "Row #{number} needs an event and when it was." unless given.is_a?(Hash)
          face = Face.read(given["face"], "The event in row #{number}", longest: 120)
          from, till = given.values_at("from", "until").map { |text| text && [ text.to_s.strip, Moment.read(text) ] }
          raise Invalid, "Say when “#{face.words}” was." unless from
          raise Invalid, "“#{face.words}” ends before it begins." if till && till[1].value < from[1].value
          { "face" => face.to_h, "from" => from[0], "until" => till&.first }.compact
        end
      end
    end
  end
end
