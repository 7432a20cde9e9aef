module Usher
  module Formats
    module Svg
      # How many parts a drawing has once everything that is used more than once stands wherever it is used: a few lines
      # can be told to draw billions. What is used is what a `use` or an attribute (a mask, a pattern, a marker) names.
      class Unfolding
        DEEPEST = 200
        USED = /url\(\s*['"]?#([^'")]+)/
        HELD = %w[defs symbol pattern clipPath mask marker filter linearGradient radialGradient].freeze # drawn where they are used
        DEAR = 20 # parts that a step of a filter counts for
        NAMING = %w[mask clip-path filter].freeze
        PAINTED = %w[fill stroke].freeze # with a pattern, or with what costs nothing
        MARKERS = %w[marker-start marker-mid marker-end].freeze
        CORNER = /[a-z]|(?<![\d.])[\d.]++[\s,]++-?[\d.]++/i # about one for each place at which a marker may stand

        # root: the Nokogiri element of a clean drawing.
        def initialize(root)
          @root, @known, @path = root, {}, {}
        end

        # Raises Invalid where things are used within each other too deeply, or within themselves.
        def size = weigh(@root, 0)

        private

        def weigh(node, depth)
          @known[node.pointer_id] ||= begin
            raise Invalid, "That drawing is nested too deeply." if depth > DEEPEST
            raise Invalid, "That drawing uses a part within itself." if @path[node.pointer_id]
            @path[node.pointer_id] = true
            parts = node.element_children.reject { |child| HELD.include?(child.name) }
            own = node.name.start_with?("fe") ? DEAR : 1
            (own + (parts + used(node)).sum { |part| weigh(part, depth + 1) } + markers(node, depth)).tap { @path.delete(node.pointer_id) }
          end
        end

        # What is drawn for this node besides its children. A paint within itself is drawn by nobody.
        def used(node)
          here = (node["href"] || node["xlink:href"])&.strip&.delete_prefix("#") if node.name == "use"
          paints = PAINTED.filter_map { |name| named[node[name].to_s[USED, 1]] }.select { |paint| paint.name == "pattern" && !@path[paint.pointer_id] }
          [ here, *NAMING.map { |name| node[name].to_s[USED, 1] } ].filter_map { |id| named[id] } + paints
        end

        # A marker stands at every corner of its line.
        def markers(node, depth)
          kinds = MARKERS.filter_map { |name| named[node[name].to_s[USED, 1]]&.then { |marker| [ name, marker ] } }
          return 0 if kinds.empty?
          corners = (node["d"] || node["points"]).to_s.scan(CORNER).size
          kinds.sum { |name, marker| @path[marker.pointer_id] ? 0 : weigh(marker, depth + 1) * (name == "marker-mid" ? corners : 1) }
        end

        def named = @named ||= @root.xpath(".//*[@id]").to_h { |node| [ node["id"], node ] }
      end
    end
  end
end
