require "loofah"

module Usher
  module Formats
    module Svg
      # Makes a drawing from outside harmless: only drawing elements and attributes stay; scripts,
      # handlers, style sheets, entities and everything that reaches outside the file go.
      module Reader
        MAX_BYTES = 2_000_000
        MAX_NODES = 20_000
        MAX_DRAWN = 100_000 # parts, counted wherever they are used
        MAX_DOTS = 30_000_000 # of one picture inside
        ELEMENTS = %w[svg g path rect circle ellipse line polyline polygon text tspan defs title desc image
                      linearGradient radialGradient stop clipPath mask use symbol].freeze
        ATTRIBUTES = %w[id d x y x1 y1 x2 y2 cx cy r rx ry fx fy width height points transform viewBox fill stroke
                        fill-rule clip-rule fill-opacity stroke-opacity opacity stroke-width stroke-linecap stroke-linejoin
                        stroke-miterlimit stroke-dasharray stroke-dashoffset offset stop-color stop-opacity gradientUnits
                        gradientTransform spreadMethod clip-path mask clipPathUnits maskUnits font-family font-size
                        font-weight font-style text-anchor dx dy href preserveAspectRatio overflow].freeze
        PIXELS = { "pt" => 96 / 72.0, "pc" => 16.0, "in" => 96.0, "cm" => 96 / 2.54, "mm" => 96 / 25.4 }.freeze # a CSS unit has
        NAMESPACE = "http://www.w3.org/2000/svg".freeze

        Result = Struct.new(:svg, :width, :height)

        # bytes: the file; largest: how many it may have; parts: how many elements and texts. Answers with a
        # Result: clean SVG, and its size in its own units. Raises Invalid when it is not SVG or too large.
        def self.read(bytes, largest: MAX_BYTES, parts: MAX_NODES)
          raise Invalid, "That drawing is larger than #{largest / 1_000_000} MB." if bytes.bytesize > largest
          text = bytes.dup.force_encoding("UTF-8")
          raise Invalid, "That drawing is not text in UTF-8." unless text.valid_encoding?
          raise Invalid, "That drawing defines entities, which Usher does not open." if text.match?(/<!ENTITY/i)
          document = Nokogiri::XML(text) { |config| config.nonet.recover }
          raise Invalid, "That drawing is nested too deeply." if document.errors.any? { |error| error.message.include?("depth") }
          root = document.root
          raise Invalid, "That file is not an SVG drawing." unless root && root.name == "svg"
          raise Invalid, "That drawing has more than #{parts} parts." if document.xpath("count(//node())") > parts
          width, height = size(root)
          clean = Loofah.xml_document(root.to_xml).scrub!(scrubber).root
          raise Invalid, "That drawing draws more than #{MAX_DRAWN} parts." if Unfolding.new(clean).size > MAX_DRAWN
          clean.add_namespace_definition(nil, NAMESPACE) unless clean.namespace_definitions.any? { |space| space.prefix.nil? }
          clean["viewBox"] ||= "0 0 #{width} #{height}"
          clean["width"], clean["height"] = width.to_s, height.to_s
          Result.new(clean.to_xml, width, height)
        end

        def self.size(root)
          box = root["viewBox"].to_s.split(/[\s,]+/).map(&:to_f)
          sides = [ root["width"], root["height"] ].map { |side| side.to_f * PIXELS.fetch(side.to_s[/[a-z]+\z/], 1) }
          sides = box[2, 2] if box.size == 4 && (sides.any? { |side| side <= 0 } || root["width"].to_s.end_with?("%"))
          raise Invalid, "That drawing does not say how large it is." unless sides.all? { |side| side.positive? && side < 100_000 }
          sides
        end

        def self.scrubber
          Loofah::Scrubber.new do |node|
            next node.remove if node.comment? || node.processing_instruction?
            next if node.text? || node.cdata?
            next node.remove.then { Loofah::Scrubber::STOP } unless ELEMENTS.include?(node.name)
            unfold(node)
            node.attribute_nodes.each { |attribute| attribute.remove unless keep?(attribute) }
            node.remove if node.name == "image" && node.attribute_nodes.none? { |attribute| attribute.node_name == "href" }
          end
        end

        # A style becomes the attributes that say the same, which are then looked at like all others.
        def self.unfold(node)
          node["style"].to_s.scan(/([a-z-]+)\s*:\s*([^;]+)/) { |name, value| node[name] = value.strip if ATTRIBUTES.include?(name) && name != "href" }
        end

        # A picture of dots that the file holds itself, of a size that harms nobody.
        def self.picture?(value)
          data = value[%r{\Adata:image/(?:png|jpe?g);base64,(.*)\z}mi, 1] or return false
          size = Raster.size(data[0, 100_000].unpack1("m"))
          !size.nil? && size.inject(:*) <= MAX_DOTS
        end

        # Addresses may only point into the file itself, or be a picture that it holds.
        def self.keep?(attribute)
          value = attribute.value.strip
          return false unless ATTRIBUTES.include?(attribute.node_name)
          return attribute.parent.name == "image" ? picture?(value) : value.start_with?("#") if attribute.node_name == "href"
          !value.match?(/url\((?!\s*['"]?#)|javascript:|expression\(/i)
        end
        private_class_method :size, :scrubber, :unfold, :keep?, :picture?
      end
    end
  end
end
