module Usher
  module Items
    # What flash cards, dice and spinners share: faces with words, a picture or both, one of which is up. Which comes up
    # next is the core's (Operations::Roll); a new drawing says how often it was turned, so that screens can show it roll.
    class Faced < Item
      LIVE = [ *Item::LIVE, "top", "seed", "turns" ].freeze
      LONGEST = 200 # characters of a face
      FACE = Types::Record.new(text: Types::Line.new(LONGEST), picture: Types::Maybe.new(Types::Number.new(1..2**53, digits: 0)), weight: Types::Number.new(1..100, digits: 0), optional: %w[text picture weight])
      GAP = 0.07 # of the shorter side, between the edge and what is on a face

      def self.even? = true

      attribute :top, Types::Number.new(0..99, digits: 0), default: 0
      attribute :turns, Types::Number.new(0..1_000_000_000, digits: 0), default: 0
      attribute :seed, Types::Line.new(16), default: "" # of the last roll, so that it can be checked
      attribute :card, Types::Colour.new, default: Colour::WHITE
      attribute :colour, Types::Colour.new, default: Colour::TIDE

      # How many faces a kind has.
      def self.sides = raise(NotImplementedError)

      def face = faces[top] || faces.first
      def picture = face["picture"]

      # What it says, and what a search finds it by: what is up, and no more.
      def words = face["text"].to_s
      def label = "#{super}: #{words.empty? ? 'a picture' : words[0, 80]}"

      # The attributes that change when it is turned. chance: a Classroom::Chance; seed: the one it came of.
      def rolled(chance, seed) = { "top" => chance.below(faces.size), "seed" => seed, "turns" => turns + 1 }

      def hints = super.merge("rolls" => self.class.kind, "turns" => turns)

      def filled(colour)
        raise Invalid, "That needs a colour." if colour == "none"
        { "card" => colour }
      end

      private

      def settle(values)
        sides = self.class.sides
        raise Invalid, "#{self.class.title} has #{sides.minmax.uniq.join(' to ')} faces." unless sides.cover?(values["faces"].size)
        empty = values["faces"].index { |one| one["text"].to_s.strip.empty? && one["picture"].nil? }
        raise Invalid, "Face #{empty + 1} is empty." if empty
        raise Invalid, "There is no such face." if values["top"] >= values["faces"].size
        super
      end

      # A face within a box of the item: words as large as they fit, a picture above them.
      def draw_face(one, left, top, wide, high)
        text = one["text"].to_s.strip
        return image(one["picture"], left, top, wide, high) if text.empty?
        return letters(text, left, top, wide, high) unless one["picture"]
        image(one["picture"], left, top, wide, high * 0.7) + letters(text, left, top + high * 0.72, wide, high * 0.28)
      end

      def image(number, left, top, wide, high) = Markup.tag("image", href: Veil.address(number.to_i), x: left, y: top, width: [ wide, 1 ].max, height: [ high, 1 ].max, preserveAspectRatio: "xMidYMid meet")

      def letters(text, left, top, wide, high)
        longest = text.split.map { |word| Usher::Text::Faces.fetch("read", bold: true).width(word) }.max
        size = [ high * 0.62, 200, wide / [ longest, 0.1 ].max * 0.98 ].min.clamp(8, 400)
        tile = nil
        until (tile = text_in(text, wide, high, size)).height <= high + 0.5 || size <= 8.5
          size = [ size * 0.88, 8 ].max
        end
        Markup.tag("g", { transform: "translate(#{Markup.number(left)} #{Markup.number(top)})" }, tile.draw)
      end

      # Words without a ground of their own.
      def text_in(text, wide, high, size)
        Plain.build({ "kind" => "text", "id" => id, "x" => 0, "y" => 0, "width" => [ wide, 1 ].max, "height" => [ high, 1 ].max, "text" => text, "size" => size, "bold" => true, "align" => "middle", "colour" => colour })
      end

      # A text that stands in the middle of its box.
      class Plain < Card
        def self.kind = "text"
        def draw = write

        private

        def top = centred
      end
    end
  end
end
