module Usher
  module Activities
    module Kinds
      # Flash cards: look at the front, turn over, say whether it was known; what was not comes back until it is.
      #
      # Content: { "cards" => [[Face, Face], ...] }. Moves: { "show" => name } turns the card over, { "card" => name,
      # "knew" => bool } lays it aside or at the end. Answers: { "left" => [names], "up" => name or nil, "known" =>
      # { name => how often it came back } }. Cells are the cards.
      class Cards < Kind
        CARDS = 1..100

        def self.title = "Flash cards"
        def self.purpose = "Turn over and say whether you knew it; what you did not comes back."
        def self.listed = "cards"
        def self.columns = %w[Front Back]
        def self.from_table(rows, _settings) = { "cards" => rows.map { |row| row.first(2) } }
        def to_table = content["cards"]
        def self.from_parts(parts) = parts["pairs"]&.then { |pairs| { "cards" => pairs } }
        def to_parts = { "pairs" => content["cards"] }

        def deal(seed) = Deal.shuffle(cards.size, seed)
        def cells(deal) = deal.names
        def start(deal) = { "left" => deal.names, "up" => nil, "known" => {}, "again" => {} }

        def accept(_deal, answers, move, _fixed = [])
          raise Invalid, "A move names a card." unless move.is_a?(Hash)
          card = move["show"] || move["card"]
          raise Invalid, "That card does not lie on top." unless card && card == answers["left"].first
          return answers.merge("up" => card) if move.key?("show")
          raise Invalid, "Turn the card over first." unless answers["up"] == card
          rest = answers["left"].drop(1)
          case move["knew"]
          when true then answers.merge("left" => rest, "up" => nil, "known" => answers["known"].merge(card => true))
          when false then answers.merge("left" => rest + [ card ], "up" => nil, "again" => answers["again"].merge(card => answers["again"].fetch(card, 0) + 1))
          else raise Invalid, "A move says whether the card was known."
          end
        end

        def answering(_deal) = self
        def answer(_deal, answers, cell) = ("known" if answers["known"].key?(cell))
        def right?(_deal, answers, cell) = answers["known"].key?(cell)
        def solve(_deal, answers, cell) = answers.merge("left" => answers["left"] - [ cell ], "up" => nil, "known" => answers["known"].merge(cell => true))
        def moves_to(deal, _answers) = cells(deal).flat_map { |card| [ { "show" => card }, { "card" => card, "knew" => true } ] }
        def question(deal, cell) = deal.index(cell)
        def questions = cards.map { |front, _| front.words }

        def view(_deal, answers)
          top = answers["left"].first
          { "top" => top, "up" => answers["up"] == top, "left" => answers["left"].size, "again" => answers["again"].values.sum }
        end

        def told(_deal, _answers, _cell) = "known"

        # The front of the card on top, and its back ("p1-back") once it is turned over.
        def faces(deal, answers)
          top = answers["left"].to_a.first or return {}
          front, back = cards[deal.index(top)]
          { top => front, "#{top}-back" => (back if answers["up"] == top) }.compact
        end

        def all_faces = cards.flatten
        def glimpse = questions.first(6)

        def paper(sheet, _deal, _answers, solved: false) = cards.each { |front, back| sheet.line(front, solved ? [ back ] : []) }

        private

        def cards = @cards ||= content["cards"].map { |card| card.map { |face| Face.new(face) } }

        def check(content)
          given = list(content["cards"], CARDS, "Write #{CARDS.begin} to #{CARDS.end} cards.")
          cards = given.each_with_index.map { |card, index| list(card, 2..2, "Card #{index + 1} needs a front and a back.").map { |face| Face.read(face, "Card #{index + 1}") } }
          distinct(cards.map(&:first)) { |face| "“#{face.words}” is the front of two cards." }
          { "cards" => cards.map { |card| card.map(&:to_h) } }
        end
      end
    end
  end
end
