module Usher
  module Formats
    module Slides
      # An element, with its parts and attributes by their local names.
      class OpenDocument::Node
        POINTS = { "cm" => 72 / 2.54, "mm" => 7.2 / 2.54, "in" => 72.0, "pt" => 1.0, "pc" => 12.0, "px" => 0.75 }.freeze

        # "2.5cm" in points; nil where it is no length.
        def self.points(length) = length.to_s.match(/\A(-?[\d.]+)(cm|mm|in|pt|pc|px)\z/)&.then { |found| found[1].to_f * POINTS.fetch(found[2]) }

        attr_reader :element

        def initialize(element)
          @element = element
        end

        def name = @element.name
        def text = @element.text

        # Attributes that go by the same local name ("style-name") are told apart by `prefix`.
        def [](name, prefix = nil) = @element.attribute_nodes.find { |one| one.node_name == name && (prefix.nil? || one.namespace&.prefix == prefix) }&.value

        def points(name) = self.class.points(self[name])

        def children = @children ||= @element.element_children.map { |child| self.class.new(child) }
        def at(*names) = names.reduce(self) { |found, name| found&.children&.find { |child| child.name == name } }
        def all(name) = children.select { |child| child.name == name }

        # All paragraphs in it, however deep.
        def paragraphs = @element.xpath(".//*[local-name()='p']").map { |one| self.class.new(one) }

        # How far it leans to the side, as a share of how far down it is; before it is turned.
        def lean = @lean ||= self["transform"].to_s[/skewX\s*\(([^)]*)\)/, 1]&.then { |angle| -Math.tan(angle.to_f.clamp(-1.4, 1.4)) } || 0.0

        # Where it lies, in points (a Geometry::Box), also where it is turned (ISO/IEC 26300-1, 19.228): turns are
        # in radians against the clock, about the page's corner. nil where it does not say.
        def box
          width, height = points("width"), points("height")
          return unless width && height
          turn, x, y = 0.0, points("x") || 0.0, points("y") || 0.0
          middle = [ x + width / 2, y + height / 2 ]
          self["transform"].to_s.scan(/(rotate|translate|skewX)\s*\(([^)]*)\)/) do |name, values|
            if name == "skewX"
              middle = [ middle[0] + lean * middle[1], middle[1] ]
            elsif name == "rotate"
              turn -= values.to_f * 180 / Math::PI
              middle = Geometry.rotate(middle, -values.to_f * 180 / Math::PI)
            else
              middle = middle.zip(values.split(/[\s,]+/).map { |one| self.class.points(one).to_f }).map { |one, by| one + by.to_f }
            end
          end
          Geometry::Box.new(middle[0] - width / 2, middle[1] - height / 2, width, height, turn.remainder(360).round(3))
        end
      end
    end
  end
end
