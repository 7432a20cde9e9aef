module Usher
  module Page
    # One change to a page. Subclasses live in operations/, one file a verb.
    #
    # `apply` is given a page that answers
    #   find(ids)  -> { id => Placed } for those that are there
    #   top, bottom -> the greatest and least z on it (numbers; 0 on an empty page)
    #   near(box, kind) -> [Placed] of this kind (nil: any) whose bounds meet the upright box (nil: anywhere)
    #   tied       -> [Placed] that depend on others or on which others depend (Item#tied?)
    #   from(id)   -> [Placed] that were handed out by this pile
    #   style      -> its paper, colour and minutes
    # and changes nothing: it answers with an Outcome for the caller to keep.
    class Operation
      MAX_ITEMS = 2_000

      # From a hash with string keys, as stored or as a browser sent it; raises Invalid.
      def self.build(hash)
        raise Invalid, "An operation must come as a set of named values." unless hash.is_a?(Hash)
        Operations.registry.fetch(hash["verb"]).new(hash)
      end

      def self.verb = name.split("::").last.downcase

      def initialize(hash)
        @hash = hash
        read
      end

      # What is stored in the log: the operation as accepted.
      def to_h = { "verb" => self.class.verb, **payload }

      # The whole of it: what the operation does and what follows from that (see Ties).
      def run(page, lenient: false) = Ties.settle(page, apply(page, lenient: lenient))

      # lenient: leave out what is no longer there instead of refusing, as undo must when somebody
      # else has taken the item away meanwhile.
      def apply(page, lenient:)
        raise NotImplementedError
      end

      private

      def list(name)
        value = @hash[name]
        return value if value.is_a?(Array) && value.size.between?(1, MAX_ITEMS)
        raise Invalid, "This operation must name 1 to #{MAX_ITEMS} items."
      end

      def ids(name) = list(name).map { |id| Types::Id.new.call(id) }.uniq

      # The operation that takes back any number of new and lost items at once.
      def swap_back(put, lost)
        steps = put.map(&:id).each_slice(MAX_ITEMS).map { |ids| { "verb" => "remove", "ids" => ids } } +
          lost.map(&:to_h).each_slice(MAX_ITEMS).map { |items| { "verb" => "put", "items" => items } }
        steps.size == 1 ? steps.first : { "verb" => "together", "steps" => steps }
      end

      # The items with these ids, in the order asked for. touching: what of them is to change, :place
      # or :all (anything); nil where a pin does not matter.
      def present(page, ids, lenient, touching: nil)
        found = page.find(ids)
        missing = ids.size - found.size
        raise Invalid, "#{missing == 1 ? 'Something you changed is' : "#{missing} things you changed are"} no longer on the page." if missing.positive? && !lenient
        there = found.values_at(*ids).compact
        held = there.reject { |placed| touching.nil? || placed.item.allows?(touching) }
        without(held, there, lenient)
      end

      # Those that are there without the pinned ones. Raises Invalid when there are any, unless lenient.
      def without(held, there, lenient)
        raise Invalid, "#{held.size == 1 ? 'That is' : "#{held.size} of these are"} pinned. Take the pin out first." if held.any? && !lenient
        there - held
      end
    end
  end
end
