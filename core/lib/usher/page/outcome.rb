module Usher
  module Page
    # What an operation did: the items as they are now (`put`, Placed), the ids that are gone, the
    # page's changed style, and the operation that would take it back (nil where there is nothing to take back).
    Outcome = Struct.new(:put, :gone, :style, :inverse, keyword_init: true) do
      def initialize(put: [], gone: [], style: {}, inverse: nil) = super
    end
  end
end
