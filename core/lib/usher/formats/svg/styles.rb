require "crass"

module Usher
  module Formats
    module Svg
      # What style sheets and `style` attributes of a drawing say, as presentation attributes (SVG 2, 6.6), by CSS's
      # cascade: the attribute, then the sheets by specificity and order, then the element's own style, then what is
      # important. Media, imports and looks that depend on a hand are left out.
      class Styles
        DECLARED = /(?<![\w-])([\w-]++)\s*+:\s*+((?:"[^"]*"|'[^']*'|\([^)]*\)|[^;"'(])+)/
        SIMPLE = /\A(?:([a-zA-Z]+)|([.#])(-?[_a-zA-Z][\w-]*))\z/
        MOST_LOOKED = 100 # selectors that are looked for through the whole drawing
        MOST_SAID = 400_000 # declarations, counted for each element they hold for
        LONGEST = 2_000 # characters of a value
        FONT = /\A(?<looks>(?:(?:normal|italic|oblique|small-caps|bold(?:er)?|lighter|[1-9]00)\s+)*)(?<size>[\d.]++[a-z%]*+)(?:\s*\/\s*\S+)?\s+(?<family>.+)\z/i

        # root: a Nokogiri element of a document without namespaces.
        def self.resolve(root) = new(root).resolve

        def initialize(root)
          @root, @said, @looked, @count = root, Hash.new { |all, node| all[node] = [] }, 0, 0
        end

        # Every element bears what holds for it; no style is left.
        def resolve
          rules.each_with_index { |rule, order| apply(rule, order) }
          @root.xpath("//*[@style]").each { |node| own(node) }
          @said.each { |node, said| said.sort_by { |one| one.first(3) }.each { |*, name, value| set(node, name, value) } }
          @root.xpath("//style|//@style|//@class").remove
        end

        private

        def rules
          @root.xpath("//style").reject { |sheet| sheet["type"].to_s.match?(/\A(?!text\/css)./) }.flat_map { |sheet| Crass.parse(sheet.text).select { |rule| rule[:node] == :style_rule } }
        end

        def apply(rule, order)
          declared = rule[:children].select { |child| child[:node] == :property }
          rule[:selector][:value].split(",").map(&:strip).each do |selector|
            found(selector).each { |node| declared.each { |one| say(node, one[:important], specificity(selector), order, one[:name], one[:value]) } }
          end
        end

        def own(node)
          node["style"].scan(DECLARED) { |name, value| say(node, value.match?(/!\s*important/i), [ 9, 0, 0 ], 0, name, value.sub(/!\s*important/i, "")) }
        end

        def say(node, important, specificity, order, name, value)
          raise Reader::TooMuch, "That drawing has more styles than Usher follows." if (@count += 1) > MOST_SAID
          return if value.length > LONGEST
          short(name.downcase, value.strip).each { |one, said| @said[node] << [ important ? 1 : 0, specificity, order, one, said ] if Allowed::PROPERTIES.include?(one) || one == "transform" }
        end

        # What stands for several properties.
        def short(name, value)
          case name
          when "marker" then %w[marker-start marker-mid marker-end].map { |one| [ one, value ] }
          when "font" then font(value)
          when "transform" then [ [ name, value.gsub(/(?<=\d)(px|deg)/, "") ] ]
          else [ [ name, value ] ]
          end
        end

        def font(value)
          found = FONT.match(value) or return []
          looks = found[:looks].downcase.split
          [ [ "font-size", found[:size] ], [ "font-family", found[:family] ], [ "font-style", looks.find { |look| %w[italic oblique].include?(look) } || "normal" ],
            [ "font-weight", looks.find { |look| look.match?(/bold|lighter|\d00/) } || "normal" ] ]
        end

        def set(node, name, value)
          node[name] = value
        end

        # Of the usual selectors all elements are known; others are looked for.
        def found(selector)
          return @root.xpath("//*") if selector == "*"
          element, sign, name = SIMPLE.match(selector)&.captures
          return index[[ sign, element || name ]] if element || name
          raise Reader::TooMuch, "That drawing has more styles than Usher follows." if (@looked += 1) > MOST_LOOKED
          @root.document.css(selector)
        rescue Nokogiri::SyntaxError
          []
        end

        def index
          @index ||= Hash.new([].freeze).tap do |all|
            keep = ->(key, node) { all.key?(key) ? all[key] << node : all[key] = [ node ] }
            @root.xpath("//*").each do |node|
              keep.([ nil, node.name ], node)
              keep.([ "#", node["id"] ], node) if node["id"]
              node["class"].to_s.split.each { |name| keep.([ ".", name ], node) }
            end
          end
        end

        def specificity(selector) = [ selector.count("#"), selector.scan(/[.\[:]/).size, selector.scan(/(?:\A|[\s>+~])[a-zA-Z]/).size ]
      end
    end
  end
end
