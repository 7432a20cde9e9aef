module Usher
  module Items
    # A picture from the store room, drawn to fill its box. `picture` is the store room's number for
    # it; the address drawn here is one that the web app serves and that print replaces (see
    # Page::Drawing). What a teacher does to it belongs to the item and leaves the picture untouched:
    # `rubbed` is a mask of what an eraser rubbed out, `crop` the part that is shown, `stroke` and `stroke_width`
    # a frame. A colour is taken out by showing another picture made of it; `cleared` says which it was.
    class Picture < Item
      include Redacted

      def self.even? = true

      MOST_RUBBED = 20_000 # points
      POINT = Types::List.new(Types::Number.new(-REACH..REACH, digits: 1), 2..2)
      SWEEP = Types::Record.new(points: Types::List.new(POINT, 1..Usher::Ink::Eraser::MAX), stroke_width: Types::Number.new(0.1..2_000), span: Types::List.new(Types::Number.new(0.01..20_000), 2..2))
      SHARE = Types::Number.new(0..1, digits: 5)
      WHOLE = [ 0, 0, 1, 1 ].freeze
      CROP = Types::List.new(SHARE, 4..4) # left, top, width and height of the part shown, in shares of the whole
      LEAST = 0.01 # of it that must be left

      SEAM = 0.003 # share of the picture that stays beyond what is shown, so that its edge is not pale

      attribute :picture, Types::Number.new(1..2**53, digits: 0)
      attribute :alt, Types::Line.new(500), default: ""
      attribute :opacity, Types::Number.new(0.05..1), default: 1
      attribute :mirror, Types::Choice.new("no", "across", "down", "both"), default: "no"
      attribute :crop, CROP, default: WHOLE
      attribute :stroke, Types::Colour.new(none: true), default: "none"
      attribute :stroke_width, Types::Number.new(0.5..200), default: 6
      attribute :round, Types::Number.new(0..400), default: 0
      attribute :cleared, Types::Maybe.new(Types::Record.new(picture: Types::Number.new(1..2**53, digits: 0), colour: Types::Colour.new)), default: nil
      attribute :rubbed, Types::List.new(SWEEP, 0..400), default: []
      attribute :hidden, Veil::TYPE, default: [], spare: true # parts of the whole picture; kept by Ties::Covers

      def draw
        drawn = Markup.tag("image", { href: Veil.address(picture, redacted? ? blank : []), **whole.to_h, preserveAspectRatio: "none", opacity: (opacity if opacity < 1), mask: ("url(##{mask_id})" if rubbed.any?) })
        drawn = Markup.tag("g", { transform: mirrored }, drawn) unless mirror == "no"
        drawn = Markup.tag("g", { "clip-path": "url(##{edge_id})" }, drawn) if clipped?
        [ (mask if rubbed.any?), (edge if clipped?), drawn, (frame unless stroke == "none") ].join
      end

      def words = alt

      # Flipping twice along one axis takes it back.
      def flipped(axis)
        sides = (mirror == "both" ? %w[across down] : [ mirror ] - [ "no" ])
        sides = sides.include?(axis) ? sides - [ axis ] : sides + [ axis ]
        { "mirror" => { 0 => "no", 1 => sides.first, 2 => "both" }.fetch(sides.size) }
      end

      def label = alt.empty? ? "Picture" : "Picture: #{alt}"

      def hints = super.merge({ "rubbed" => (rubbed.size if rubbed.any?), "picture" => picture, "crop" => crop.join(" "), "cleared" => (true if cleared), "undescribed" => (true if alt.empty?) }.compact)

      # The attributes that change when this part of the whole picture is shown, at the size it has now.
      # part: [left, top, width, height] in shares of the whole.
      def cropped(part)
        raise Invalid, "There would be nothing left of that picture." if part[2] < LEAST || part[3] < LEAST || part[0] + part[2] > 1.0001 || part[1] + part[3] > 1.0001
        all = whole
        seen = mirrored_part(part)
        left, top, wide, high = all.x + seen[0] * all.width, all.y + seen[1] * all.height, seen[2] * all.width, seen[3] * all.height
        middle = box.to_page(left + wide / 2, top + high / 2)
        { "crop" => part, "x" => middle[0] - wide / 2, "y" => middle[1] - high / 2, "width" => wide, "height" => high }
      end

      # The attributes that change when an eraser passes over it: path in page units, radius too.
      def rub(path, radius)
        raise Invalid, "That picture is too small to rub anything out." if width < 1 || height < 1
        sweep = { "points" => path.map { |point| own(box.to_local(point)).zip([ whole.x, whole.y ]).map { |n, edge| (n - edge).round(1) } }, "stroke_width" => radius * 2, "span" => [ whole.width, whole.height ] }
        if rubbed.sum { |one| one["points"].size } + path.size > MOST_RUBBED || rubbed.size == 400
          raise Invalid, "So much is rubbed out of this picture that Usher cannot keep more. Lift it off and begin again."
        end
        { "rubbed" => [ *rubbed, sweep ] }
      end

      # What was rubbed out, a spot for what hangs together: [[left, top, width, height], ...] in shares of the whole.
      def rubbed_spots
        boxes = rubbed.map do |sweep|
          across, down = sweep["points"].transpose.zip(sweep["span"]).map { |values, size| values.minmax.then { |least, most| [ (least - sweep["stroke_width"] / 2) / size, (most + sweep["stroke_width"] / 2) / size ] } }
          Geometry::Box.around([ across, down ].transpose)
        end
        Geometry::Box.gathered(boxes).map { |box| [ box.x, box.y, box.width, box.height ] }
      end

      # Where a place of the whole picture lies in the part that is shown; both in shares.
      def shown_at(across, down)
        own([ whole.x + across * whole.width, whole.y + down * whole.height ]).zip([ width, height ]).map { |at, size| at / size }
      end

      # Whether it is to be seen as it is, with nothing cut away, rubbed out or mirrored.
      def untouched? = crop == WHOLE && rubbed.empty? && mirror == "no"

      # The parts of the picture that lie under these covers (see Veil).
      def hidden_by(covers)
        return [] if width.zero? || height.zero?
        Veil.of(covers.map(&:box), box) { |point| own(box.to_local(point)).zip([ [ whole.x, whole.width ], [ whole.y, whole.height ] ]).map { |n, (from, size)| (n - from) / size } }
      end

      # Devices get it without what is hidden, and without what was cropped away or rubbed out.
      def redacted = blank.empty? ? self : clone.tap { |copy| copy.instance_variable_set(:@redacted, true) }

      private

      # The parts of the whole that nobody is to see (see Veil).
      def blank = @blank ||= hidden + cut_away + [ *(Veil::Grid.of(rubbed) if rubbed.any?) ]

      # What lies outside of the part that is shown, as parts of the whole (see Veil).
      def cut_away
        left, top, right, bottom = crop[0] - SEAM, crop[1] - SEAM, crop[0] + crop[2] + SEAM, crop[1] + crop[3] + SEAM
        [ [ 0, 0, left, 1 ], [ right, 0, 1, 1 ], [ 0, 0, 1, top ], [ 0, bottom, 1, 1 ] ].filter_map do |x, y, to_x, to_y|
          [ x, y, to_x, y, to_x, to_y, x, to_y ].map { |share| share.round(4) } if to_x - x > 0 && to_y - y > 0
        end
      end

      def mirrored = { "across" => "translate(#{Markup.number(width)} 0) scale(-1 1)", "down" => "translate(0 #{Markup.number(height)}) scale(1 -1)",
        "both" => "translate(#{Markup.number(width)} #{Markup.number(height)}) scale(-1 -1)" }.fetch(mirror)

      # Where the whole picture would lie, in the item's own units, before it is mirrored.
      Whole = Struct.new(:x, :y, :width, :height)
      def whole = @whole ||= Whole.new(0 - crop[0] * width / crop[2], 0 - crop[1] * height / crop[3], width.to_f / crop[2], height.to_f / crop[3])

      # A part of the whole as it lies in a mirrored item.
      def mirrored_part((left, top, wide, high))
        across, down = %w[across both].include?(mirror), %w[down both].include?(mirror)
        [ across ? mirrored_end(left + wide, 0) : left, down ? mirrored_end(top + high, 1) : top, wide, high ]
      end

      # Mirroring is about the middle of the part that is shown.
      def mirrored_end(end_of, axis) = 2 * crop[axis] + crop[axis + 2] - end_of

      def clipped? = crop != WHOLE || round.positive?
      def edge_id = "edge-#{id}"
      def edge = Markup.tag("clipPath", { id: edge_id }, Markup.tag("rect", width: width, height: height, rx: (round if round.positive?)))
      def frame = Markup.tag("rect", width: width, height: height, rx: (round if round.positive?), fill: "none", stroke: stroke, "stroke-width": stroke_width)

      # A place in the box as the picture itself has it.
      def own((along, down)) = [ %w[across both].include?(mirror) ? width - along : along, %w[down both].include?(mirror) ? height - down : down ]

      def mask_id = "rubbed-#{id}"

      # White stays, black goes. Each sweep is drawn at the size the picture had then and stretched since.
      def mask
        sweeps = rubbed.map do |one|
          Markup.tag("path", d: Usher::Ink::Curve.new(one["points"]).path, stroke: "#000000", fill: "none", "stroke-width": one["stroke_width"] * Usher::Ink::FINE,
            "stroke-linecap": "round", "stroke-linejoin": "round", transform: "#{corner}scale(#{(whole.width / one['span'][0] / 20).round(6)} #{(whole.height / one['span'][1] / 20).round(6)})")
        end
        ground = Markup.tag("rect", **whole.to_h, fill: "#ffffff")
        Markup.tag("mask", { id: mask_id, maskUnits: "userSpaceOnUse", **whole.to_h }, ground + sweeps.join)
      end

      def corner = crop == WHOLE ? "" : "translate(#{Markup.number(whole.x)} #{Markup.number(whole.y)}) "
    end
  end
end
