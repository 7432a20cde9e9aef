module Usher
  module Polls
    module Kinds
      # A place on the page. Settings: "size", the page's in page units. An answer: [x, y].
      class Spot < Kind
        def self.title = "A spot on the page"
        def self.rank = 10
        def self.icon = "map-pin"
        def self.read(given) = { "size" => given["size"] || Page::SIZE }

        def shown_as = "heat"

        def accept(answer)
          answer = JSON.parse(answer, max_nesting: 3) if answer.is_a?(String)
          width, height = settings["size"]
          raise Invalid, "Tap a place on the page." unless answer.is_a?(Array) && answer.size == 2 && answer.all?(Numeric) && answer[0].between?(0, width) && answer[1].between?(0, height)
          answer.map { |part| part.to_f.round(1) }
        rescue JSON::ParserError
          raise Invalid, "Tap a place on the page."
        end

        def guess(random, off)
          width, height = settings["size"]
          reach = off ? 0.45 : 0.06
          [ width * (0.5 + (random.rand * 2 - 1) * reach), height * (0.5 + (random.rand * 2 - 1) * reach) ].map { |part| part.round(1) }.to_json
        end

        def words(answer) = "#{(answer[0] / settings['size'][0] * 100).round} % across, #{(answer[1] / settings['size'][1] * 100).round} % down"
      end
    end
  end
end
