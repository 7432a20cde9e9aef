module Usher
  module Activities
    # An activity on paper: all its parts to be worked on with a pencil, or how it is solved. Each kind says what it
    # writes (Kind#paper); a Sheet lays it out.
    class Paper
      autoload :Sheet, "usher/activities/paper/sheet"

      STYLE = { "width" => Sheet::SIZE[0], "height" => Sheet::SIZE[1], "colour" => Usher::Colour::WHITE }.freeze

      # seed: of the deal; solved: how it is solved; sizes: { number of a picture => [width, height] in any unit }.
      def initialize(kind, title:, seed: 1, solved: false, sizes: {})
        @kind, @title, @deal, @solved, @sizes = kind, title, kind.deal(seed), solved, sizes
      end

      # An SVG document for each sheet. The block is given each picture's address (see Page::Drawing.document).
      def documents(&addresses)
        sheet.pages.map do |items|
          drawn = items.map.with_index { |item, index| Page::Drawing.item(Page::Placed.new(item, index), 0) }
          Page::Drawing.document(Page::Style::DEFAULTS.merge(STYLE), drawn, &addresses)
        end
      end

      # What stands on the sheets.
      def sheet
        answers = @solved ? @kind.solution(@deal) : @kind.start(@deal)
        Sheet.new(@sizes).tap do |sheet|
          sheet.heading(@solved ? "#{@title}: solved" : @title)
          sheet.text("Name: ______________________________", size: 24) unless @solved
          @kind.paper(sheet, @deal, answers, solved: @solved)
        end
      end
    end
  end
end
