module Usher
  module Formats
    module Slides
      # Where shapes have from what they do not say themselves: a placeholder from the one of its number or
      # kind on the layout and the master (ISO/IEC 29500-1, 19.3.1.36), words from the master's styles.
      class OpenXml::Placeholders
        Part = OpenXml::Part
        SHAPES = %w[sp cxnSp].freeze
        TITLES, BODIES = %w[title ctrTitle].freeze, [ "body", "subTitle", "obj", nil ].freeze

        # layers: the part a shape lies on and those behind it; show: the presentation's own part.
        def initialize(layers, show)
          @layers, @show = layers, show
        end

        # The placeholder a shape is, or nil.
        def self.of(shape) = Part.at(shape.element_children.first, "nvPr", "ph")

        # The shapes behind this one that it inherits from, nearest first.
        def behind(shape)
          own = self.class.of(shape) or return []
          @layers.drop(1).filter_map do |part|
            known = shapes(part)
            known.find { |ph, _| own["idx"] && ph["idx"] == own["idx"] && same?(ph, own) }&.last || known.find { |ph, _| same?(ph, own) }&.last
          end
        end

        # The lists of looks by level that are behind all shapes like this one: a title or a body has the master's; what is no
        # placeholder has the presentation's, and all else (the foot of a slide, a table) both.
        def styles(shape)
          own, usual = self.class.of(shape), Part.at(@show.root, "defaultTextStyle")
          kind = own && { "titleStyle" => TITLES, "bodyStyle" => BODIES }.find { |_, types| types.include?(own["type"]) }&.first
          list = Part.at(@layers.last.root, "txStyles", kind || "otherStyle")
          return [ usual ].compact if own.nil? && SHAPES.include?(shape.name)
          kind && list ? [ list ] : [ list, usual ].compact
        end

        # What tables' styles are, or nil.
        def table_styles = @show.follow("tableStyles")&.root

        private

        def same?(one, other) = [ TITLES, BODIES ].any? { |kinds| kinds.include?(one["type"]) && kinds.include?(other["type"]) } || one["type"] == other["type"]

        # [[placeholder, shape], ...] of a part.
        def shapes(part)
          (@shapes ||= {})[part.name] ||= (Part.at(part.root, "cSld", "spTree")&.element_children || []).filter_map { |shape| self.class.of(shape)&.then { |ph| [ ph, shape ] } if shape.element_children.any? }
        end
      end
    end
  end
end
