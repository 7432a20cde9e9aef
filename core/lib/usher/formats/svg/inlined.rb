require "nokogiri"

module Usher
  module Formats
    module Svg
      # A cleaned drawing in the place of the `image` that would show it: what print and pictures are made with draws such an
      # image in as many dots as the drawing says it is large, however large it lies on the page.
      module Inlined
        DATA = "data:image/svg+xml;base64,".freeze
        PLACE = %w[x y width height preserveAspectRatio].freeze
        APART = "isolation:isolate".freeze # its parts mix with each other, as in an image, and not with the page
        REFERENCE = /url\(\s*["']?#([^)"']+)["']?\s*\)/

        module_function

        # image: the tag, as Markup writes it; address: the drawing, as DATA; name: before all names in it, so that they are no
        # others'. Answers with markup.
        def draw(image, address, name)
          root = Nokogiri::XML(address.delete_prefix(DATA).unpack1("m").force_encoding("UTF-8")).root
          root.traverse { |node| node.attribute_nodes.each { |attribute| rename(attribute, name) } if node.element? }
          root["style"] = APART if root.at_xpath("//@style") # the only style of a cleaned drawing
          given = image.scan(/([\w:-]+)="([^"]*)"/).to_h.except("href")
          given.slice(*PLACE).each { |place, value| root[place] = value }
          around = given.except(*PLACE)
          drawn = root.to_xml(save_with: Nokogiri::XML::Node::SaveOptions::NO_DECLARATION)
          around.empty? ? drawn : "<g#{around.map { |attribute, value| %( #{attribute}="#{value}") }.join}>#{drawn}</g>"
        end

        def rename(attribute, name)
          value = attribute.value
          if attribute.node_name == "id" then attribute.value = name + value
          elsif attribute.node_name == "href" then attribute.value = "##{name}#{value.strip[1..]}" if value.strip.start_with?("#")
          elsif value.include?("url(") then attribute.value = value.gsub(REFERENCE) { "url(##{name}#{$1})" }
          end
        end
        private_class_method :rename
      end
    end
  end
end
