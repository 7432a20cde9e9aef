module Usher
  module Items
    # A picture from the store room, drawn to fill its box. `picture` is the store room's number for
    # it; the address drawn here is one that the web app serves and that print replaces (see
    # Page::Drawing). `rubbed` is what an eraser rubbed out of it: a mask that belongs to the item.
    class Picture < Item
      ADDRESS = "/pictures/%d".freeze
      MOST_RUBBED = 20_000 # points
      PLACE = Types::List.new(Types::Number.new(-REACH..REACH, digits: 1), 2..2)
      SWEEP = Types::Record.new(points: Types::List.new(PLACE, 1..Usher::Ink::Eraser::MAX), breadth: Types::Number.new(0.1..2_000), span: Types::List.new(Types::Number.new(0.01..20_000), 2..2))

      attribute :picture, Types::Number.new(1..2**53, digits: 0)
      attribute :alt, Types::Line.new(500), default: ""
      attribute :opacity, Types::Number.new(0.05..1), default: 1
      attribute :mirror, Types::Choice.new("no", "across", "down", "both"), default: "no"
      attribute :rubbed, Types::List.new(SWEEP, 0..400), default: []

      def draw
        image = { href: format(ADDRESS, picture), width: width, height: height, preserveAspectRatio: "none", opacity: (opacity if opacity < 1) }
        drawn = rubbed.empty? ? Markup.tag("image", image) : mask + Markup.tag("image", **image, mask: "url(##{mask_id})")
        mirror == "no" ? drawn : Markup.tag("g", { transform: mirrored }, drawn)
      end

      def words = alt

      # Flipping twice along one axis takes it back.
      def flipped(axis)
        sides = (mirror == "both" ? %w[across down] : [ mirror ] - [ "no" ])
        sides = sides.include?(axis) ? sides - [ axis ] : sides + [ axis ]
        { "mirror" => { 0 => "no", 1 => sides.first, 2 => "both" }.fetch(sides.size) }
      end

      def label = alt.empty? ? "Picture" : "Picture: #{alt}"

      def hints = super.merge(rubbed.any? ? { "rubbed" => rubbed.size } : {})

      # The attributes that change when an eraser passes over it: path in page units, radius too.
      def rub(path, radius)
        raise Invalid, "That picture is too small to rub anything out." if width < 1 || height < 1
        sweep = { "points" => path.map { |place| own(box.inside(place)).map { |n| n.round(1) } }, "breadth" => radius * 2, "span" => [ width, height ] }
        if rubbed.sum { |one| one["points"].size } + path.size > MOST_RUBBED || rubbed.size == 400
          raise Invalid, "So much is rubbed out of this picture that Usher cannot keep more. Lift it off and begin again."
        end
        { "rubbed" => [ *rubbed, sweep ] }
      end

      private

      def mirrored = { "across" => "translate(#{Markup.number(width)} 0) scale(-1 1)", "down" => "translate(0 #{Markup.number(height)}) scale(1 -1)",
        "both" => "translate(#{Markup.number(width)} #{Markup.number(height)}) scale(-1 -1)" }.fetch(mirror)

      # A place in the box as the picture itself has it.
      def own((along, down)) = [ %w[across both].include?(mirror) ? width - along : along, %w[down both].include?(mirror) ? height - down : down ]

      def mask_id = "rubbed-#{id}"

      # White stays, black goes. Each sweep is drawn at the size the picture had then and stretched since.
      def mask
        sweeps = rubbed.map do |one|
          Markup.tag("path", d: Usher::Ink::Curve.new(one["points"]).path, stroke: "#000000", fill: "none", "stroke-width": one["breadth"] * Usher::Ink::FINE,
            "stroke-linecap": "round", "stroke-linejoin": "round", transform: "scale(#{(width / one['span'][0] / 20).round(6)} #{(height / one['span'][1] / 20).round(6)})")
        end
        ground = Markup.tag("rect", width: width, height: height, fill: "#ffffff")
        Markup.tag("mask", { id: mask_id, maskUnits: "userSpaceOnUse", x: 0, y: 0, width: width, height: height }, ground + sweeps.join)
      end
    end
  end
end
