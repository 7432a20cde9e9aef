require "loofah"

module Usher
  module Formats
    module Svg
      # Makes a drawing from outside harmless: only drawing elements and attributes stay; scripts, handlers, style sheets
      # (once they are followed), entities and everything that reaches outside the file go.
      class Reader
        MAX_BYTES = 2_000_000
        MAX_NODES = 20_000
        MAX_DRAWN = 100_000 # parts, counted wherever they are used
        NAMESPACE = "http://www.w3.org/2000/svg".freeze
        XLINK = "http://www.w3.org/1999/xlink".freeze
        XML = "http://www.w3.org/XML/1998/namespace".freeze
        MOVEMENT = [ "a movement", "movements" ].freeze
        GONE = { "script" => [ "a script", "scripts" ], "foreignObject" => [ "a piece of a web page", "pieces of web pages" ], "image" => [ "a picture from elsewhere", "pictures from elsewhere" ],
          **%w[animate animateTransform animateMotion set].to_h { |name| [ name, MOVEMENT ] } }.freeze
        INNER = 2 # drawings within drawings

        # svg: clean; width, height in its own units; dropped: what was left out for safety or because it moves, in words.
        Result = Struct.new(:svg, :width, :height, :dropped)

        # Kept as dots by whoever can draw it: larger than what is kept as a drawing, but a drawing.
        class TooMuch < Invalid
        end

        # bytes: the file, packed by gzip or not; largest: how many it may have; parts: how many elements and texts. Raises
        # Invalid when it is no drawing or a trap, TooMuch when it is too large.
        def self.read(bytes, largest: MAX_BYTES, parts: MAX_NODES, inner: 0) = new(bytes, largest, parts, inner).result

        def initialize(bytes, largest, parts, inner)
          @largest, @parts, @inner, @dropped = largest, parts, inner, []
          @text = Entities.expand(Source.text(bytes, most: largest), most: largest)
        end

        def result
          root = parsed
          own(root)
          Styles.resolve(root)
          choose(root)
          scrubber.traverse(root)
          drawn = Unfolding.new(root).size
          raise TooMuch, "That drawing draws more than #{MAX_DRAWN} parts." if drawn > MAX_DRAWN
          finish(root)
        end

        private

        def parsed
          document = Nokogiri::XML(@text) { |config| config.nonet.recover }
          raise Invalid, "That drawing is nested too deeply." if document.errors.any? { |error| error.message.include?("depth") }
          root = document.root
          raise Invalid, "That file is not an SVG drawing." unless root && root.name == "svg"
          raise TooMuch, "That drawing has more than #{@parts} parts." if document.xpath("count(//node())") > @parts
          root
        end

        # Without what belongs to other vocabularies, and then without namespaces, so that names are enough.
        def own(root)
          root.xpath("//*[namespace-uri() != '' and namespace-uri() != $own]", nil, own: NAMESPACE).each { |node| node.unlink unless node == root }
          root.xpath("//@*[namespace-uri() != '']").each { |attribute| keep_foreign(attribute) }
          root.document.remove_namespaces!
        end

        # xlink:href becomes href where there is none, xml:space stays.
        def keep_foreign(attribute)
          node, uri = attribute.parent, attribute.namespace.href
          attribute.unlink
          node["href"] ||= attribute.value if uri == XLINK && attribute.node_name == "href"
          node["white-space"] = "pre" if uri == XML && attribute.node_name == "space" && attribute.value == "preserve"
        end

        # Of a switch the first branch that asks for nothing foreign.
        def choose(root)
          root.xpath("//switch").each do |switch|
            branches = switch.element_children
            taken = branches.find { |branch| branch["requiredExtensions"].to_s.empty? && spoken?(branch["systemLanguage"]) && branch.name != "foreignObject" }
            branches.each { |branch| branch.unlink unless branch == taken }
            switch.name = "g"
          end
        end

        def spoken?(languages) = languages.nil? || languages.split(/[\s,]+/).any? { |one| one.downcase.start_with?("en") }

        def scrubber
          Loofah::Scrubber.new do |node|
            next node.unlink if node.comment? || node.processing_instruction?
            next unless node.element?
            unlink(node) if node.name == "a"
            next drop(node) unless Allowed::ELEMENTS.include?(node.name)
            spaced = node.remove_attribute("white-space")
            node.attribute_nodes.each { |attribute| attribute.unlink unless keep?(node, attribute) }
            node["xml:space"] = "preserve" if spaced
            drop(node) if node.name == "image" && node["href"].nil?
          end
        end

        # A link leads nowhere, and is what it stands among.
        def unlink(node)
          node.remove_attribute("href")
          node.name = %w[text tspan textPath].include?(node.parent.name) ? "tspan" : "g"
        end

        def drop(node)
          @dropped << GONE[node.name] if GONE.key?(node.name)
          node.unlink
          Loofah::Scrubber::STOP
        end

        def keep?(node, attribute)
          name, value = attribute.node_name, attribute.value
          return Allowed.value?(name, value) unless node.name == "image" && name == "href"
          node["href"] = Held.address(value) { |drawing| inner(drawing) }
          true
        rescue Invalid
          false
        end

        # A drawing that this one holds, cleaned in its turn.
        def inner(bytes)
          raise Invalid, "That drawing holds drawings too deeply." if @inner >= INNER
          self.class.read(bytes, largest: @largest, parts: @parts, inner: @inner + 1).svg
        end

        def finish(root)
          root.xpath("//*[@#{Allowed::BLEND}]").each { |node| node["style"] = "#{Allowed::BLEND}:#{node.remove_attribute(Allowed::BLEND).value}" }
          width, height, box = Extent.of(root) { plain(root) }
          root["viewBox"], root["width"], root["height"] = box, width.to_s, height.to_s
          Result.new(plain(root), width, height, @dropped.tally.map { |(one, several), count| count > 1 ? "#{count} #{several}" : one })
        end

        def plain(root)
          root.add_namespace_definition(nil, NAMESPACE) unless root.namespace_definitions.any? { |space| space.prefix.nil? }
          root.to_xml(encoding: "UTF-8")
        end
      end
    end
  end
end
