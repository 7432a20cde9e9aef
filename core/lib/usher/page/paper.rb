module Usher
  module Page
    # What is printed on a page before anything is put on it. Subclasses live in papers/, one file a
    # paper: `measure` says what can be set about it, `rules` draws it. Millimetres are those of the
    # page on A4 paper (Page::MILLIMETRE).
    class Paper
      MM = Page::MILLIMETRE
      Measure = Struct.new(:name, :label, :type, :default, :choices)

      class << self
        # type: a check from Types; choices: what to offer a teacher, as { value => words }.
        def measure(name, label, type, default:, choices: nil)
          measures[name.to_s] = Measure.new(name.to_s, label, type, default, choices)
          define_method(name) { @measures.fetch(name.to_s) { default } }
        end

        def measures = @measures ||= {}

        # The words a teacher reads.
        def title = name.split("::").last.gsub(/(?<=[a-z])(?=[A-Z])/, " ").capitalize

        # The checked measures; raises Invalid for what this paper has not.
        def check(given)
          raise Invalid, "The measures of a paper must come as a set of named values." unless given.is_a?(Hash)
          given.to_h do |name, value|
            measure = measures[name] or raise Invalid, "This paper has no #{name.to_s[0, 40].inspect}."
            [ name, Invalid.about("The #{measure.label.downcase}") { measure.type.call(value) } ]
          end.tap { |checked| new(checked).check }
        end

        # A paper by its name and measures, as a style has them.
        def of(style) = Papers.registry.fetch(style.fetch("paper")).new(style["measures"] || {})
      end

      def initialize(measures = {})
        @measures = measures
      end

      # Raises Invalid where measures do not go together.
      def check = nil

      # The page's ground as SVG: its colour, then what is printed on it. size: [width, height].
      def draw(colour, size)
        Markup.tag("rect", width: size[0], height: size[1], fill: colour) + rules(*size)
      end

      # The store room key of the picture it shows.
      def picture = nil

      # The same with these parts of its picture blank (see Veil).
      def veiled(_parts) = self

      private

      def rules(_width, _height) = ""

      # From `gap` page units in, every `gap`, as long as there is room.
      def every(gap, room) = (1..(room / gap - 0.01).floor).map { |index| index * gap }

      # Lines in page units: path data, a colour, a width.
      def line(data, colour: Usher::Colour::RULE, stroke_width: 2, **more)
        Markup.tag("path", d: data.join, stroke: colour, "stroke-width": stroke_width, fill: "none", **more)
      end

      def across(y, width) = "M0 #{n(y)}H#{n(width)}"
      def down(x, height) = "M#{n(x)} 0V#{n(height)}"
      def n(number) = Markup.number(number)

      def words(x, y, text, size: 22, anchor: "middle")
        Markup.tag("text", { x: x, y: y, "font-size": size, "text-anchor": anchor, "font-family": Usher::Text::Faces.family("read"), fill: Usher::Colour::SOFT }, Markup.escape(text))
      end
    end
  end
end
