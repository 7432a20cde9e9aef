module Usher
  module Activities
    module Kinds
      # Label the picture: labels are dragged to the places that the teacher tapped, or typed there.
      #
      # Content: { "picture" => Face, "how" => "dragged" or "typed", "labels" => [{ "face" => Face, "at" => [x, y],
      # "also" => [text, ...] }, ...], "more" => [Face, ...], "slip" => bool }. "also" is right too where it is typed;
      # "more" fit nowhere. Moves are those of Answering::Placing or Typing. Cells are the places: "f1", "f2".
      class Label < Kind
        include Pictured

        HOW = %w[dragged typed].freeze
        LABELS = 1..30
        WORD = Types::Line.new(60, blank: false)
        NEAREST = 0.02 # between two places, as a share of the picture

        def self.title = "Label the picture"
        def self.purpose = "Names are brought to their places on a picture, or typed there."
        def self.columns = [ "Label", "Place", "Label that fits nowhere" ]
        def self.placed = "point"

        def self.settings
          { "how" => Setting.new("Labels are", { "dragged" => "Dragged to their places", "typed" => "Typed" }),
            "slip" => Setting.new("One slip is forgiven", { "false" => "No", "true" => "Yes" }) }
        end

        # A place is two numbers, "0.31 0.42". Where a label is typed, what is right too comes after "|".
        def self.from_form(table:, settings:, picture: nil, **)
          rows = Table.read(table)
          labels = rows.reject { |face, place, _| Table.blank?(face) && Table.blank?(place) }.map { |face, place, _| label_from(face, Table.numbers(place)) }
          { "picture" => picture, "how" => settings["how"], "slip" => settings["slip"] == "true", "labels" => labels, "more" => rows.filter_map { |_, _, more| more unless Table.blank?(more) } }
        end

        def self.label_from(face, at)
          return { "face" => face || "", "at" => at } unless face.is_a?(String)
          first, *also = face.split("|").map(&:strip).reject(&:empty?)
          { "face" => first.to_s, "at" => at, "also" => also }
        end
        private_class_method :label_from

        def to_table
          labels = content["labels"].map { |label| [ [ label["face"]["text"], *label["also"] ].join("|").then { |text| label["also"].any? ? text : label["face"] }, label["at"].join(" ") ] }
          Array.new([ labels.size, content["more"].size ].max) { |row| [ *(labels[row] || [ nil, nil ]), content["more"][row] ] }
        end
        def to_parts = { "words" => content["labels"].filter_map { |label| label["face"]["text"] }.uniq }

        def deal(seed) = Deal.shuffle(typed? ? 0 : pieces.size, seed)
        def cells(_deal) = @cells ||= labels.each_index.map { |number| "f#{number + 1}" }
        def answering(deal) = typed? ? Answering::Typing.new(cells(deal)) : Answering::Placing.new(deal.names, cells(deal).to_h { |cell| [ cell, 1 ] })
        def answer(_deal, answers, cell) = typed? ? answers[cell] : answers.key(cell)

        def right?(deal, answers, cell)
          given = answer(deal, answers, cell) or return false
          return accepted(cell).any? { |right| comparing.same?(given, right) } if typed?
          pieces[deal.index(given)].key == face(cell).key
        end

        def solve(deal, answers, cell)
          return answers.merge(cell => face(cell).text) if typed?
          piece = deal.names.find { |name| pieces[deal.index(name)].key == face(cell).key && !(answers[name] && right?(deal, answers, answers[name])) }
          answering(deal).accept(answers, { "piece" => piece, "place" => cell })
        end

        def question(_deal, cell) = number(cell)
        def questions = labels.map(&:words)

        # "places": { cell => { "at" => [x, y], "piece" => name or "value" => text } }; "pieces": labels still to be placed.
        def view(deal, answers)
          lies = typed? ? "value" : "piece"
          places = cells(deal).to_h { |cell| [ cell, { "at" => content["labels"][number(cell)]["at"], lies => answer(deal, answers, cell) } ] }
          { "how" => content["how"], "places" => places, "pieces" => deal.names - answers.keys }
        end

        def told(deal, answers, cell) = answer(deal, answers, cell).then { |given| typed? ? given : pieces[deal.index(given)].words }
        def faces(deal, _answers) = { **deal.pieces.transform_values { |index| pieces[index] }, "picture" => picture }
        def all_faces = [ picture, *pieces ]
        def glimpse = (typed? ? [] : Deal.shuffle(pieces.size, 1).pieces.values.map { |index| pieces[index].words }).first(6)

        def paper(sheet, deal, answers, **)
          shown, places = faces(deal, answers), view(deal, answers)["places"].values
          sheet.figure(picture, places.each_with_index.map { |place, index| [ *place["at"], (index + 1).to_s ] })
          sheet.faces((deal.names - answers.keys).map { |name| shown[name] })
          places.each_with_index { |place, index| sheet.line((index + 1).to_s, [ place["value"] || shown[place["piece"]] ].compact) }
        end

        private

        def typed? = content["how"] == "typed"
        def labels = @labels ||= content["labels"].map { |label| Face.new(label["face"]) }
        def pieces = @pieces ||= labels + content["more"].map { |face| Face.new(face) }
        def number(cell) = cell[1..].to_i - 1
        def face(cell) = labels[number(cell)]
        def accepted(cell) = [ face(cell).text, *content["labels"][number(cell)]["also"] ]
        def comparing = @comparing ||= Forgiving.new(slip: content["slip"])

        def check(content)
          how = Invalid.about("How it is labelled") { Types::Choice.new(*HOW).call(content["how"]) }
          given = list(content["labels"], LABELS, "Tap the picture where a label belongs. #{LABELS.end} is the most.")
          labels = given.each_with_index.map { |label, index| check_label(label, index + 1, how) }
          more = list(content.fetch("more", []), 0..20, "Add 20 other labels at the most.").map { |face| Face.read(face, "A label that fits nowhere", longest: 60).to_h }
          check_apart(labels, more)
          { "picture" => check_picture(content["picture"]), "how" => how, "labels" => labels, "more" => more, "slip" => Invalid.about("Whether a slip is forgiven") { Types::Flag.new.call(content.fetch("slip", false)) } }
        end

        def check_label(given, number, how)
          raise Invalid, "Label #{number} needs a name and a place." unless given.is_a?(Hash)
          face = Face.read(given["face"], "Label #{number}", longest: 60)
          raise Invalid, "Label #{number} must be a word, so that it can be typed." if how == "typed" && face.text.empty?
          also = list(given.fetch("also", []), 0..8, "“#{face.words}” has 8 other right answers at the most.").map { |word| Invalid.about("What is right too") { WORD.call(word) } }
          { "face" => face.to_h, "at" => point(given["at"], "“#{face.words}”"), "also" => also }
        end

        def check_apart(labels, more)
          close = labels.combination(2).find { |one, other| one["at"].zip(other["at"]).all? { |a, b| (a - b).abs < NEAREST } }
          raise Invalid, "“#{close.map { |label| Face.new(label['face']).words }.join('” and “')}” lie at the same place." if close
          faces = labels.map { |label| Face.new(label["face"]).key }
          clash = more.map { |face| Face.new(face) }.find { |face| faces.include?(face.key) }
          raise Invalid, "“#{clash.words}” has a place, so it cannot fit nowhere." if clash
        end
      end
    end
  end
end
