module Usher
  module Polls
    # The answers to a question as they stand, as attributes of Items::Results.
    class Figures
      MOST = 12 # rows, and drawings
      POINTS = 2_400 # of all drawings, so that what is sent for each answer stays small

      # core: the Kind; answers: as they are kept; title: what was asked; size: of the page, in page units; hidden: whether nothing
      # may be seen of them yet but how many there are.
      def initialize(core, answers, title:, size: Page::SIZE, hidden: false)
        @core, @answers, @title, @size, @hidden = core, answers, title, size, hidden
      end

      def to_h = { "title" => @title.to_s[0, 200], "answered" => @answers.size, "rows" => [], "spots" => nil, "drawings" => nil, "page" => nil, **send(@core.shown_as) }

      private

      def bars = { "rows" => counted { |choice| @core.label(choice) } }
      def cloud = { "rows" => @hidden ? [] : counted { |word| word } }
      def texts = { "rows" => @hidden ? [] : @answers.last(MOST).map { |text| { "label" => text[0, 300].tr("\n", " ") } } }

      # The higher it stands, the longer the bar; the number is the mean place.
      def ranks
        ranked = @hidden ? @core.things.map { |thing| [ thing, nil ] } : @core.ranks(@answers)
        { "rows" => ranked.map { |thing, place| { "label" => thing, "count" => place, "share" => place ? (1 - (place - 1) / ranked.size.to_f).round(4) : 0 }.compact } }
      end

      def heat
        width, height = @core.settings["size"]
        { "spots" => @hidden ? [] : @answers.last(300).map { |x, y| [ (x / width.to_f).round(4), (y / height.to_f).round(4) ] } }
      end

      # The latest, in few points.
      def drawings
        latest = @hidden ? [] : @answers.last(MOST)
        strokes = latest.sum(&:size)
        { "page" => @size, "drawings" => latest.map { |drawn| drawn.first(200).map { |stroke| plain(stroke, [ POINTS / [ strokes, 1 ].max, 2 ].max) } } }
      end

      # most: points that it may keep.
      def plain(stroke, most)
        points = Geometry::Polyline.simplify(@core.points(stroke).map { |place| place.first(2).map { |n| n.round(1) } })
        points = points.each_slice((points.size / (most - 1.0)).ceil).map(&:first).push(points.last) if points.size > most
        { "colour" => stroke["colour"], "breadth" => stroke["stroke_width"].clamp(0.5, 60), "points" => points.first(400) }
      end

      # The block says what a choice is called.
      def counted
        @core.tally(@answers).rows.first(MOST).map do |row|
          { "label" => yield(row.choice).to_s[0, 300], **(@hidden ? { "share" => 0 } : { "count" => row.count, "share" => row.share.round(4) }) }
        end
      end
    end
  end
end
