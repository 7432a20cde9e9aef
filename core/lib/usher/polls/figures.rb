module Usher
  module Polls
    # The answers to a question as they stand, as attributes of Items::Results.
    class Figures
      MOST = 12 # rows

      # core: the Kind; answers: as they are kept; title: what was asked; hidden: whether nothing may be seen of them yet but
      # how many there are.
      def initialize(core, answers, title:, hidden: false)
        @core, @answers, @title, @hidden = core, answers, title, hidden
      end

      # Raises Invalid for kinds whose answers are no figures.
      def to_h
        raise Invalid, "Drawings are put on a page of their own." unless respond_to?(@core.shown_as, true)
        { "title" => @title.to_s[0, 200], "answered" => @answers.size, "rows" => [], "spots" => nil, **send(@core.shown_as) }
      end

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

      # The block says what a choice is called.
      def counted
        @core.tally(@answers).rows.first(MOST).map do |row|
          { "label" => yield(row.choice).to_s[0, 300], **(@hidden ? { "share" => 0 } : { "count" => row.count, "share" => row.share.round(4) }) }
        end
      end
    end
  end
end
