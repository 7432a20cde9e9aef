module Usher
  module Page
    # What an operation did: the items as they are now (`put`, Placed), the ids that are gone, the
    # page's changed style, the operation that would take it back (nil where there is nothing to take
    # back), and a sentence the person who did it must know (nil mostly).
    Outcome = Struct.new(:put, :gone, :style, :inverse, :note, keyword_init: true) do
      def initialize(put: [], gone: [], style: {}, inverse: nil, note: nil) = super
    end
  end
end
