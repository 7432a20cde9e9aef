module Usher
  module Formats
    module Slides
      # Named looks, each with what it has from the ones it builds on (ISO/IEC 26300-1, 16.2).
      class OpenDocument::Styles
        Node = OpenDocument::Node
        DEEPEST = 20
        WORDS = %w[text-properties paragraph-properties].freeze

        # sources: automatic styles and common ones (Nodes, or nil), the nearer first.
        def initialize(*sources)
          @styles, @defaults, @others = {}, {}, {}
          sources.compact.flat_map(&:children).each do |node|
            case node.name
            when "style" then @styles[[ node["family"], node["name"] ]] ||= node
            when "default-style" then @defaults[node["family"]] ||= node
            else @others[[ node.name, node["name"] || node["style-name"] ]] ||= node
            end
          end
        end

        def known?(family, names) = Array(names).any? { |name| @styles.key?([ family, name ]) }

        # A gradient, a picture to fill with, a list's looks.
        def other(kind, name) = @others[[ kind, name ]]

        # The value of an attribute of this style, or the nearest behind it, that is not about words; nil where
        # none says it.
        def of(family, name, attribute) = lineage(family, name).lazy.filter_map { |node| self.class.said(node, attribute, words: false) }.first

        # The same of one style alone. words: whether it is about words.
        def self.said(node, attribute, words:)
          node.children.lazy.select { |properties| properties.name.end_with?("properties") && WORDS.include?(properties.name) == words }.filter_map { |properties| properties[attribute] }.first
        end

        # This style and those behind it, nearest first; of several names one after the other.
        def lineage(family, names)
          Array(names).flat_map { |name| ancestry(family, name) } + [ @defaults[family] || (@defaults["graphic"] if family == "presentation") ].compact
        end

        private

        def ancestry(family, name)
          found = []
          while (node = @styles[[ family, name ]]) && found.size < DEEPEST
            found << node
            name = node["parent-style-name"]
          end
          found
        end
      end
    end
  end
end
