require "loofah"

module Usher
  module Formats
    module Html
      # A page of the web made harmless for reading: words, headings, lists, tables, links and pictures stay.
      module Article
        ELEMENTS = %w[h1 h2 h3 h4 p ul ol li blockquote table thead tbody tr th td b strong i em u sub sup br hr a img figure figcaption div span pre code dl dt dd].freeze
        GONE = %w[script style iframe frame object embed form input button select textarea svg math link meta base noscript template].freeze # with what is in them
        KEPT = { "a" => %w[href], "img" => %w[src alt], "td" => %w[colspan rowspan], "th" => %w[colspan rowspan] }.freeze
        WEB = Types::Address.new(schemes: %w[http https])

        module_function

        # html: a fragment, looked at from the inside out, so that what comes out of an unknown element was
        # cleaned before. Answers with clean HTML. The block may give a picture's address another one; where
        # it gives none, or is not there, pictures keep addresses of the web.
        def clean(html)
          Loofah.html5_fragment(html).scrub!(Loofah::Scrubber.new(direction: :bottom_up) { |node| tidy(node) { |address| block_given? ? yield(address) : address } }).to_s
        end

        def tidy(node)
          return if node.text?
          return node.remove if GONE.include?(node.name) || !node.element?
          return node.replace(node.children) unless ELEMENTS.include?(node.name)
          node.attribute_nodes.each { |attribute| attribute.remove unless KEPT.fetch(node.name, []).include?(attribute.node_name) }
          node.remove_attribute("href") if node["href"] && !web?(node["href"])
          return unless node.name == "img"
          address = web?(node["src"]) && yield(node["src"])
          address ? node["src"] = address : node.remove
        end

        def web?(address)
          WEB.call(address)
        rescue Invalid
          false
        end
        private_class_method :tidy, :web?
      end
    end
  end
end
