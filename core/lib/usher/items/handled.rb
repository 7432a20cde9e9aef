module Usher
  module Items
    # How a thing may be handled, whatever it is: pinned, grouped, handed out from a pile, bound to a
    # track, opening something, seen by some, counted for something. These attributes are kept and
    # sent only where they are not as usual, because most things are strokes of ink.
    module Handled
      LINK = Usher::Page::Link
      TRACK = Types::Maybe.new(Usher::Page::Tracks)
      PILE = Types::Maybe.new(Types::Record.new(limit: Types::Number.new(0..999, digits: 0))) # 0: as many as wanted
      WORTH = Types::Line.new(40)

      def self.included(kind)
        kind.class_eval do
          attribute :pinned, Types::Choice.new("no", "place", "all"), default: "no", spare: true # its place, or everything about it
          attribute :audience, Types::Choice.new("both", "room", "devices", "nobody"), default: "both", spare: true # nobody: the teacher alone, as a path may be
          attribute :groups, Types::List.new(Types::Id.new, 0..8), default: [], spare: true # innermost first
          attribute :pile, PILE, default: nil, spare: true
          attribute :left, Types::Maybe.new(Types::Number.new(0..999, digits: 0)), default: nil, spare: true # in the pile; kept by Ties::Piles
          attribute :origin, Types::Maybe.new(Types::Id.new), default: nil, spare: true # the pile it came from
          attribute :track, TRACK, default: nil, spare: true
          attribute :along, Types::Number.new(0..1, digits: 7), default: 0, spare: true # the share of its track
          attribute :link, Types::Maybe.new(LINK), default: nil, spare: true
          attribute :value, WORTH, default: "", spare: true # a number with a unit, for drop areas
          attribute :hidden, Types::List.new(Types::List.new(Types::Number.new(0..10_000, digits: 0), 2..2), 0..10_000), default: [], spare: true # characters, points or whatever a kind numbers; kept by Ties::Covers
          attribute :covered, Types::Flag.new, default: false, spare: true # kept by Ties::Covers
          attribute :signed, Types::Flag.new, default: true, spare: true # whether it shows that it opens something; kept by Ties::Signs
        end
      end

      NAMES = %w[pinned audience groups pile left origin track along link value hidden covered signed].freeze

      # Those of them that follow from other things on the page.
      KEPT = %w[left hidden covered signed].freeze

      # Whether its :place, or anything about it (:all), may be changed.
      def allows?(what) = pinned == "no" || (pinned == "place" && what == :all)

      # What it counts for in a drop area: a Quantity, or nil. Things that only show a number are worth it.
      def worth = Quantity.try(value.empty? ? shown_number : value)

      # Whether a drop area counts it when it lies there. What is there to be written or to measure with is not.
      def counts? = pinned == "no" && pile.nil?

      # The attributes that change when it is moved by [dx, dy] page units: a thing on a track goes
      # to the nearest point of it.
      def moved(by)
        return { "x" => x + by[0], "y" => y + by[1] } unless track
        Usher::Page::Tracks.of(self).moved(by)
      end

      # Whether anything about it depends on other things of the page, or other things on it.
      def tied? = !track.nil? || !pile.nil? || covered || hidden.any? || !signed || (!link.nil? && groups.any?)

      # The same for another lesson, where pages and activities have other numbers ({ old => new });
      # what has none there opens nothing any more.
      def relinked(pages: {}, activities: {})
        return self unless link
        other = LINK.elsewhere(link, pages: pages, activities: activities)
        other == link ? self : change("link" => other)
      end

      # A copy that is an ordinary thing: free of the pile it is or came from, and not pinned.
      def plain(id:, groups: [], **set)
        remade("id" => id, "groups" => groups, "pile" => nil, "left" => nil, "origin" => nil, "pinned" => "no", "hidden" => [], "covered" => false, "signed" => true, **set)
      end

      # A copy for the clipboard: as it is, with new ids (`ids`, { old => new }) and groups (the block
      # gives each a new name), moved by [dx, dy]. A copy of a pile is a pile of its own, a copy from one
      # is an ordinary thing, and a thing copied with its track keeps to the copied track.
      def copied(ids:, by:, &group)
        free = { "id" => ids.fetch(id), "groups" => groups.map(&group), "origin" => nil, "hidden" => [], "covered" => false, "signed" => true, "left" => nil }
        return remade({ **free, **moved(by) }) unless track && ids.key?(track["path"])
        moved_track = track.merge("path" => ids[track["path"]], "points" => track["points"].map { |point| point.zip(by).map(&:sum) })
        remade({ **free, "track" => moved_track, "x" => x + by[0], "y" => y + by[1] })
      end

      # What the browser needs to handle it.
      def handling
        return {} if usual?
        { "pinned" => (pinned unless pinned == "no"), "audience" => (audience unless audience == "both"), "groups" => (groups.join(" ") if groups.any?),
          "pile" => pile && (left || "all"), "origin" => origin, "track" => track && Usher::Page::Tracks.of(self).hint, "link" => link && JSON.generate(link),
          "covered" => (true if covered) }.compact
      end

      private

      def usual? = NAMES.none? { |name| @values.key?(name) }

      # The number that it shows, as text.
      def shown_number = ""

      def check_handling(values)
        Quantity.read(values["value"]) unless values["value"].empty?
        return unless values["pile"] && values["origin"]
        raise Invalid, "This came out of a pile, and a pile of a pile would never end. Copy it and paste it, then make the copy a pile."
      end
    end
  end
end
