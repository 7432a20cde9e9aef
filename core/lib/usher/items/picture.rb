module Usher
  module Items
    # A picture from the store room, drawn to fill its box. `picture` is the store room's number for
    # it; the address drawn here is one that the web app serves and that print replaces (see
    # Page::Drawing).
    class Picture < Item
      ADDRESS = "/pictures/%d".freeze

      attribute :picture, Types::Number.new(1..2**53, digits: 0)
      attribute :alt, Types::Line.new(500), default: ""

      def draw
        Markup.tag("image", href: format(ADDRESS, picture), width: width, height: height, preserveAspectRatio: "none")
      end

      def label = alt.empty? ? "Picture" : "Picture: #{alt}"
    end
  end
end
