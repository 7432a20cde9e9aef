module Usher
  module Formats
    module Svg
      # How many parts a drawing has once everything that is used more than once stands wherever it is used: a few lines
      # can be told to draw billions. What is used is what a use, a mask or a clip path names.
      class Unfolding
        DEEPEST = 200
        USED = /url\(\s*['"]?#([^'")]+)/

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
            parts = node.element_children.reject { |child| child.name == "defs" } + used(node)
            (1 + parts.sum { |part| weigh(part, depth + 1) }).tap { @path.delete(node.pointer_id) }
          end
        end

        def used(node)
          here = node["href"] || node["xlink:href"] if node.name == "use"
          [ here&.strip&.delete_prefix("#"), *%w[mask clip-path].map { |name| node[name].to_s[USED, 1] } ].filter_map { |id| named[id] }
        end

        def named = @named ||= @root.xpath(".//*[@id]").to_h { |node| [ node["id"], node ] }
      end
    end
  end
end
