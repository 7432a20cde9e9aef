module Usher
  module Activities
    module Kinds
      # Memory pairs: cards face down, of which two belong together; one team or two in turn.
      #
      # Content: { "pairs" => [[Face, Face], ...], "teams" => "1" or "2" }; one face alone makes two cards of it.
      # Move: { "turn" => name }. Cells are the cards; a pair is a question. It marks itself, whatever the rules say.
      class Memory < Kind
        PAIRS = 2..18

        def self.title = "Memory pairs"
        def self.purpose = "Turn over two cards at a time and find those that belong together."
        def self.columns = [ "Card", "Its partner, or nothing for two alike" ]
        def self.settings = { "teams" => Setting.new("Who plays", { "1" => "One team", "2" => "Two teams in turn" }) }
        def self.from_table(rows, settings) = { "teams" => settings["teams"], "pairs" => rows.map { |one, other| [ one, other || one ] } }
        def to_table = content["pairs"].map { |one, other| [ one, (other unless other == one) ] }
        def self.from_parts(parts) = parts["pairs"]&.then { |pairs| { "teams" => "1", "pairs" => pairs } }
        def to_parts = { "pairs" => content["pairs"] }

        def deal(seed) = Deal.shuffle(pairs.size * 2, seed)
        def cells(deal) = deal.names
        def answering(deal) = Answering::Turning.new(deal.names, content["teams"].to_i) { |one, other| pair(deal, one) == pair(deal, other) }
        def start(deal) = answering(deal).start
        def answer(_deal, answers, cell) = ("taken" if answers["taken"].key?(cell))
        def right?(_deal, answers, cell) = answers["taken"].key?(cell)
        def solve(deal, answers, cell) = answers.merge("up" => [], "taken" => answers["taken"].merge(partners(deal, cell).to_h { |card| [ card, answers["team"] ] }))
        def question(deal, cell) = pair(deal, cell)
        def questions = pairs.map { |one, _| one.words }

        # A card shows its face only while it is turned over or has been taken.
        def view(deal, answers)
          { "cards" => deal.names.to_h { |card| [ card, { "up" => seen?(answers, card), "team" => answers["taken"][card] } ] },
            "teams" => Array.new(content["teams"].to_i) { |team| answers["taken"].values.count(team) / 2 }, "team" => answers["team"], "turns" => answers["turns"] }
        end

        def told(deal, _answers, cell) = pairs[pair(deal, cell)].first.words
        def faces(deal, answers) = deal.pieces.select { |card, _| seen?(answers, card) }.transform_values { |index| pairs[index / 2][index % 2] }
        def all_faces = pairs.flatten
        def glimpse = Array.new([ pairs.size * 2, 12 ].min, "?")

        def paper(sheet, deal, _answers, solved: false)
          return pairs.each { |one, other| sheet.line(one, [ other ]) } if solved
          sheet.text("Join with a line what belongs together.")
          sheet.faces(deal.pieces.values.map { |index| all_faces[index] })
        end

        private

        def pairs = @pairs ||= content["pairs"].map { |pair| pair.map { |face| Face.new(face) } }
        def pair(deal, card) = deal.index(card) / 2
        def partners(deal, card) = deal.names.select { |other| pair(deal, other) == pair(deal, card) }
        def seen?(answers, card) = answers["up"].to_a.include?(card) || answers["taken"].to_h.key?(card)

        def check(content)
          teams = self.class.settings["teams"].read(content["teams"])
          given = list(content["pairs"], PAIRS, "Memory needs #{PAIRS.begin} to #{PAIRS.end} pairs.")
          pairs = given.each_with_index.map { |pair, index| list(pair, 2..2, "Pair #{index + 1} must have two cards.").map { |face| Face.read(face, "Pair #{index + 1}", longest: 80) } }
          distinct(pairs.flat_map { |one, other| one.key == other.key ? [ one ] : [ one, other ] }) { |face| "“#{face.words}” stands on cards of two pairs." }
          { "teams" => teams, "pairs" => pairs.map { |pair| pair.map(&:to_h) } }
        end
      end
    end
  end
end
