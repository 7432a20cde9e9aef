require "nokogiri"

module Usher
  module Formats
    # Formulas in AsciiMath, set as drawings by MathJax.
    module Maths
      autoload :Set, "usher/formats/maths/set"
      autoload :Setter, "usher/formats/maths/setter"

      KEPT = 500
      OPENING, CLOSING = "([{".freeze, ")]}".freeze

      @sets = {}
      @lock = Mutex.new

      # source: AsciiMath, such as "1/2", "x^2" or "sqrt(3)". Answers with a Set; raises Invalid for what
      # is no formula. The latest are remembered, because each is drawn more than once.
      def self.set(source)
        known = @lock.synchronize { @sets[source] } and return known
        raise Invalid, "A bracket of this formula has no partner." unless source.count(OPENING) == source.count(CLOSING)
        read(Setter.set(source)).tap { |made| @lock.synchronize { @sets.shift if @sets.size >= KEPT; @sets[source] = made } }
      end

      def self.read(svg)
        document = Nokogiri::XML(Svg::Reader.read(svg).svg).root
        left, top, width, height = document["viewBox"].split.map(&:to_f)
        raise Invalid, "There is nothing to see in this formula." unless width.positive? && height.positive?
        drawing = document.children.map { |child| child.to_xml(save_with: Nokogiri::XML::Node::SaveOptions::AS_XML) }.join.gsub(/ (fill|stroke)="currentColor"/, "")
        Set.new(drawing: drawing, left: left, top: top, width: width, height: height)
      end
      private_class_method :read
    end
  end
end
