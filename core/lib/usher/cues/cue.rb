module Usher
  module Cues
    # One cue. A subclass says its words and either the operation it does to the page (`operation`) or what it asks of
    # the room (`asks`: { what => values }, carried out by whoever holds the lesson).
    class Cue
      ID = Types::Id.new

      class << self
        def verb = name.split("::").last.downcase

        # Where it stands among the verbs that are offered.
        def rank = 50

        # Whether it is about an item; and about this one.
        def item? = true
        def about?(_item) = false

        # What else it wants: { name => type }, all of which may be left out where a usual value is given.
        def wants = {}
        def usual = {}

        # What it is called where it is chosen, and its icon.
        def title = verb.capitalize
        def icon = "diamond"
      end

      attr_reader :id, :item, :given

      # From a hash with string keys; raises Invalid.
      def initialize(hash)
        known = [ "id", "verb", *("item" if self.class.item?), *self.class.wants.keys ]
        raise Invalid, "A cue has no #{(hash.keys - known).first.to_s[0, 40].inspect}." if (hash.keys - known).any?
        @id = Invalid.about("The id of a cue") { ID.call(hash["id"]) }
        @item = Invalid.about("The thing of a cue") { ID.call(hash["item"]) } if self.class.item?
        @given = self.class.wants.to_h { |name, type| [ name, Invalid.about("The #{name} of a cue") { type.call(hash.fetch(name, self.class.usual[name])) } ] }.compact
      end

      def to_h = { "id" => id, "verb" => self.class.verb, "item" => item, **given }.compact

      # What it will do, in words for the button. thing: its item, nil where that is gone.
      def words(thing) = "#{self.class.title} #{named(thing)}"

      # Whether it can be run. things: { id => item } of the page.
      def broken?(things) = self.class.item? && !(things[item] && self.class.about?(things[item]))

      # What it sets of its thing, where that is all it does.
      def set = {}

      # Whether there is nothing to do, since somebody did it by hand.
      def done?(thing) = set.any? && !thing.nil? && set.all? { |name, value| thing.all[name] == value }

      # The operation (a hash) that does it to the page, or nil.
      def operation = ({ "verb" => "change", "changes" => [ { "id" => item, "set" => set } ] } if set.any?)

      # What it asks of the room: { poll: {...} }, { play: {...} } ...
      def asks(_thing) = {}

      # The state in which its thing waits until this cue is run, as attributes; {} where it waits as it is.
      def self.waiting = {}

      private

      # A thing by its words, or by its kind.
      def named(thing)
        return "what is gone" unless thing
        words = thing.words.to_s.squeeze(" \n").tr("\n", " ").strip
        words.empty? ? "the #{thing.class.kind.tr('_', ' ')}" : "“#{words.length > 32 ? "#{words[0, 31].rstrip}…" : words}”"
      end
    end
  end
end
