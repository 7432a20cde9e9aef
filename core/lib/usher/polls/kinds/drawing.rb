module Usher
  module Polls
    module Kinds
      # Something drawn over the page as it stands. An answer: strokes of ink, as the page keeps them.
      class Drawing < Kind
        STROKES = (1..200)
        POINTS = 12_000

        def self.title = "Draw on the page"
        def self.rank = 9
        def self.icon = "pencil"

        def shown_as = "drawings"

        # A wavy stroke somewhere on the page, as a browser sends it. points: [x, y, pressure or nil, ms].
        def self.squiggle(random)
          x, y, turn = 150 + random.rand(1_200), 150 + random.rand(600), random.rand * 6
          points = Array.new(24) { |step| [ (x + step * 6).round(1), (y + Math.sin(turn + step / 3.0) * 40).round(1), nil, step * 20 ] }
          { "kind" => "ink", "id" => Array.new(20) { [ *"a".."z" ].sample(random: random) }.join, "colour" => %w[#1e6079 #b3411d #1d7758].sample(random: random), "stroke_width" => 6, "nib" => "even", "opacity" => 1, "points" => points }
        end

        def guess(random, _off) = [ self.class.squiggle(random) ].to_json

        def accept(answer)
          answer = JSON.parse(answer, max_nesting: 20) if answer.is_a?(String)
          raise Invalid, "Draw something first." unless answer.is_a?(Array) && STROKES.cover?(answer.size)
          strokes = answer.map { |stroke| ink(stroke) }
          raise Invalid, "That is more than one answer holds. Take some of it off." if strokes.sum { |stroke| stroke["points"].size } > POINTS
          strokes
        rescue JSON::ParserError
          raise Invalid, "That did not arrive whole."
        end

        def words(answer) = "a drawing of #{answer.size} #{answer.size == 1 ? 'stroke' : 'strokes'}"

        # Where a stroke of an answer goes, in page units: [[x, y, pressure or nil, ms], ...].
        def points(stroke) = stroke["points"].map { |x, y, *rest| [ x + stroke["x"], y + stroke["y"], *rest ] }

        # Its drawings, as markup for a page.
        def draw(answer) = answer.each_with_index.map { |stroke, index| Page::Drawing.item(Page::Placed.new(Items.restore(stroke), index), 0) }.join

        private

        def ink(stroke)
          raise Invalid, "A drawing is made of strokes." unless stroke.is_a?(Hash) && stroke["kind"] == "ink"
          Items.build(stroke.slice("kind", "id", "colour", "stroke_width", "nib", "opacity", "points")).to_h
        end
      end
    end
  end
end
