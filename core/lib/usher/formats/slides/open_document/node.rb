module Usher
  module Formats
    module Slides
      # An element, with its parts and attributes by their local names.
      class OpenDocument::Node
        POINTS = { "cm" => 72 / 2.54, "mm" => 7.2 / 2.54, "in" => 72.0, "pt" => 1.0, "pc" => 12.0, "px" => 0.75 }.freeze

        # "2.5cm" in points; nil where it is no length.
        def self.points(length) = length.to_s.match(/\A(-?[\d.]+)(cm|mm|in|pt|pc|px)\z/)&.then { |found| found[1].to_f * POINTS.fetch(found[2]) }

        # What an address opens: a web address, a Jump to a page of the file, or nil.
        def self.opened(href)
          href.to_s.start_with?("#") ? Jump.new(URI::DEFAULT_PARSER.unescape(href.delete_prefix("#"))) : Types::Address.new.call(href.to_s)
        rescue Invalid
          nil
        end

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
        def lean = @lean ||= transform.lean.then { |lean| lean.abs < 0.001 ? 0.0 : lean }

        # Where it lies, in points (a Geometry::Box), also where it is turned. nil where it does not say.
        def box
          width, height = points("width"), points("height")
          return unless width && height
          x, y = transform.apply([ (points("x") || 0.0) + width / 2, (points("y") || 0.0) + height / 2 ])
          width, height = [ width, height ].zip(transform.stretch).map { |side, stretch| side * stretch }
          Geometry::Box.new(x - width / 2, y - height / 2, width, height, transform.turn)
        end

        # What a click on it opens (20.273): see Node.opened.
        def clicked
          click = at("event-listeners")&.all("event-listener")&.find { |one| one["event-name"].to_s.end_with?("click") } or return
          step = click["action"].to_s.delete_suffix("-page")
          Jump::STEPS.include?(step) ? Jump.new(step) : self.class.opened(click["href"])
        end

        private

        def transform = @transform ||= OpenDocument::Transform.new(self["transform"])
      end
    end
  end
end
