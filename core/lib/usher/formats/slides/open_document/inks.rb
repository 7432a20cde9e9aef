module Usher
  module Formats
    module Slides
      # How something of this style is painted.
      class OpenDocument::Inks
        Node = OpenDocument::Node

        def initialize(styles, family, name)
          @styles, @family, @name = styles, family, name
        end

        def said(attribute) = @styles.of(@family, @name, attribute)

        def look
          stroke = said("stroke")
          Look.new(fill: fill, stroke: stroke.nil? || stroke == "none" ? "none" : colour("stroke-color") || "#000000", stroke_width: Node.points(said("stroke-width")) || 0.75,
            dash: dash, opacity: said("opacity")&.end_with?("%") ? said("opacity").to_f / 100 : 1, heads: heads)
        end

        # "#rrggbb", or "none".
        def fill
          case said("fill") || ("solid" if said("fill-color"))
          when "solid" then colour("fill-color") || "none"
          when "hatch" then said("fill-hatch-solid") == "true" ? colour("fill-color") || "none" : hatched || "none"
          when "gradient" then gradient || "none"
          else "none"
          end
        end

        # The archive's name of the picture it is filled with, or nil.
        def picture = said("fill") == "bitmap" ? @styles.other("fill-image", said("fill-image-name"))&.[]("href")&.delete_prefix("./") : nil

        private

        def colour(attribute) = said(attribute)&.downcase&.then { |value| value if value.match?(/\A#\h{6}\z/) }

        # Lines over white, as one colour: about a quarter of it is lines.
        def hatched
          lines = @styles.other("hatch", said("fill-hatch-name"))&.[]("color").to_s.downcase
          "##{lines.scan(/\h\h/).map { |part| format('%02x', (255 * 3 + part.hex) / 4) }.join}" if lines.match?(/\A#\h{6}\z/)
        end

        def gradient
          ends = @styles.other("gradient", said("fill-gradient-name"))&.then { |node| [ node["start-color"], node["end-color"] ].compact } || []
          return if ends.empty?
          "##{ends.map { |one| one.scan(/\h\h/).map(&:hex) }.transpose.map { |all| format('%02x', all.sum / all.size) }.join}"
        end

        def dash
          return "solid" unless said("stroke") == "dash"
          long = Node.points(@styles.other("stroke-dash", said("stroke-dash"))&.[]("dots1-length"))
          long && long > 3 * (Node.points(said("stroke-width")) || 1) ? "dashed" : "dotted"
        end

        def heads
          start, finish = %w[marker-start marker-end].map { |name| !said(name).to_s.empty? }
          { [ true, true ] => "both", [ true, false ] => "start", [ false, true ] => "end" }[[ start, finish ]]
        end
      end
    end
  end
end
