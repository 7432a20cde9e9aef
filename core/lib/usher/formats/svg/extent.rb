module Usher
  module Formats
    module Svg
      # How large a drawing is: as it says, or else as far as what it draws reaches from its origin (SVG 2, 8.2).
      module Extent
        UNITS = { "" => 1.0, "px" => 1.0, "pt" => 96 / 72.0, "pc" => 16.0, "in" => 96.0, "cm" => 96 / 2.54, "mm" => 96 / 25.4, "em" => 16.0, "ex" => 8.0 }.freeze # a CSS unit has
        LENGTH = /\A\s*\+?([\d.]+(?:e[+-]?\d+)?)\s*([a-z]*)\s*\z/i
        SIDES = (1.0..10_000.0) # of the longer one
        ORIGIN = %(<rect width="0.01" height="0.01" fill-opacity="0.01"/>).freeze # ink there, so that what is measured begins there

        module_function

        # root: a Nokogiri element; the block answers with the drawing's text. [width, height, view box].
        def of(root)
          box = root["viewBox"].to_s.strip.split(/[\s,]+/).map(&:to_f)
          box = nil unless box.size == 4 && box[2, 2].all? { |side| side.positive? && side.finite? }
          sides = sides(root, box) || measured(yield)
          [ *sane(sides), box ? root["viewBox"] : [ 0, 0, *sides ].join(" ") ]
        end

        def sides(root, box)
          given = %w[width height].map { |name| length(root[name]) }
          return given if given.all?
          return unless box
          wide, high = box[2, 2]
          return [ given[0], given[0] * high / wide ] if given[0]
          return [ given[1] * wide / high, given[1] ] if given[1]
          [ wide, high ]
        end

        # In pixels of CSS; nil for none, and for a share of something that is not known.
        def length(value)
          number, unit = value.to_s.match(LENGTH)&.captures
          pixels = number.to_f * UNITS[unit.downcase] if number && UNITS.key?(unit.downcase)
          pixels if pixels&.positive? && pixels.finite?
        end

        def measured(svg)
          Raster.size(Rsvg.run("-f", "png", input: svg.sub(%r{</[^<]*\z}) { |closing| ORIGIN + closing })) or raise Invalid, "That drawing shows nothing."
        rescue Tool::Failed
          raise Invalid, "That drawing does not say how large it is."
        end

        # Of the same shape, and a size that can be worked with.
        def sane(sides)
          scale = sides.max.clamp(SIDES) / sides.max
          sides.map { |side| side.to_f * scale }
        end
        private_class_method :sides, :length, :measured, :sane
      end
    end
  end
end
