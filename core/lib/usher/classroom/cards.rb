module Usher
  module Classroom
    # Cards with personal codes, to print and cut out: ten on an upright sheet, in page units.
    module Cards
      ON_A_SHEET = 10
      WIDTH, HEIGHT = 900, 1273 # of a sheet
      CARD = [ 420, 232 ].freeze

      module_function

      # cards: [[name, code as it is shown], ...]; address: where to come in. Answers with an SVG document.
      def sheet(cards, title:, address:)
        drawn = cards.first(ON_A_SHEET).each_with_index.map { |(name, code), index| card(name, code, title, address, 30 + index % 2 * CARD[0], 40 + index / 2 * (CARD[1] + 4)) }
        %(<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 #{WIDTH} #{HEIGHT}" width="#{WIDTH}" height="#{HEIGHT}"><rect width="#{WIDTH}" height="#{HEIGHT}" fill="#ffffff"/>#{drawn.join}</svg>)
      end

      def card(name, code, title, address, x, y)
        text = ->(words, down, size, weight = 400) { %(<text x="#{x + CARD[0] / 2}" y="#{y + down}" text-anchor="middle" font-family="Noto Sans" font-size="#{size}" font-weight="#{weight}" fill="#{Colour::INK}">#{Markup.escape(words)}</text>) }
        %(<rect x="#{x}" y="#{y}" width="#{CARD[0]}" height="#{CARD[1]}" fill="none" stroke="#{Colour::EDGE}" stroke-dasharray="6 6"/>) +
          text.(title, 40, 18) + text.(name, 84, [ 30, 720 / [ name.length, 1 ].max ].min, 700) + text.("Your own code", 122, 16) + text.(code, 168, 42, 700) + text.("Go to #{address}, type the code from the board, then this one.", 208, 13)
      end
    end
  end
end
