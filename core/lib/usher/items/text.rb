module Usher
  module Items
    # Text typed on the page. Its height follows its lines. Until a hand sets its width it is as wide as its words,
    # and `room` says where its lines break. `ground` is a tile of colour behind it,
    # a little larger than the box, so that the lines stay where they are when it is put there.
    class Text < Written
      MARGIN = [ 18, 10 ].freeze # page units that the ground goes beyond the box, to the sides and up and down

      attribute :height, Types::Number.new(0..200_000), default: 0
      attribute :ground, Types::Colour.new(none: true), default: "none"
      attribute :room, Types::Maybe.new(Types::Number.new(1..20_000)), default: nil, spare: true # page units that its lines may have

      def draw
        across, down = ground == "none" ? [ 0, 0 ] : MARGIN
        # Without a colour it still makes the whole box something to touch, not only the letters.
        Markup.tag("rect", x: (-across if across.positive?), y: (-down if down.positive?), width: width + 2 * across, height: height + 2 * down, rx: (14 if down.positive?),
          fill: ground, "pointer-events": "all") + write
      end

      # A width of its own ends the room.
      def remade(set) = super(set.key?("width") && !set.key?("room") ? set.merge("room" => nil) : set)

      def scaled(across, down)
        set = super
        room && set.key?("size") ? set.merge("room" => room * across) : set
      end

      def filled(colour) = { "ground" => colour }

      private

      def own_looks = %w[ground room]

      def line_room(values) = values["room"] || super

      def settle(values)
        settled = super
        lines = laid_out(settled)
        height = lines.height.round(2)
        return settled.merge("height" => height) unless settled["room"]
        broad = settled["align"] == "both" && lines.lines.size > 1 ? settled["room"] : lines.widest
        width = broad.clamp([ settled["size"], settled["room"] ].min, settled["room"]).round(2)
        settled.merge(held(settled, width, height, lines.lines.first.rtl), "width" => width, "height" => height)
      end

      # Where its box goes with another width, so that the side at which its lines begin, or their middle, stays.
      def held(values, width, height, rtl)
        return {} if width == values["width"]
        share = { "middle" => 0.5, "right" => rtl ? 0 : 1 }.fetch(values["align"], rtl ? 1 : 0)
        was = Geometry::Box.new(*values.values_at("x", "y", "width", "height", "angle")).to_page(share * values["width"], 0)
        now = Geometry::Box.new(0, 0, width, height, values["angle"]).to_page(share * width, 0)
        { "x" => (was[0] - now[0]).round(2), "y" => (was[1] - now[1]).round(2) }
      end
    end
  end
end
