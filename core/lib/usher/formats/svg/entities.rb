module Usher
  module Formats
    module Svg
      # What a drawing's document type defines: drawing programs write the names of namespaces as entities. Those that name
      # no others are put in their place; the rest is refused or left out, so that none is left for a parser to open.
      module Entities
        DOCTYPE = /\A((?:\s|<\?.*?\?>|<!--.*?-->)*)<!DOCTYPE[^\[>]*(?:\[(.*?)\]\s*)?>/m
        DEFINED = /<!ENTITY\s+([\w:.-]+)\s+(?:"([^"]*)"|'([^']*)')\s*>/
        NAMED = /&([\w:.-]+);/
        MOST = 100 # of them

        module_function

        # text: of the file, valid UTF-8; most: bytes that it may become. Answers with it without a document type. Raises
        # Invalid.
        def expand(text, most:)
          inside = text[DOCTYPE, 2].to_s
          plain = text.sub(DOCTYPE, '\1')
          raise Invalid, "That drawing defines entities in a way that Usher does not open." if plain.match?(/<!(ENTITY|DOCTYPE)/) || inside.match?(/<!ENTITY\s+%/)
          known = inside.scan(DEFINED).to_h { |name, one, other| [ name, one || other ] }
          return plain if known.empty?
          raise Invalid, "That drawing defines entities within entities, which Usher does not open." if known.size > MOST || known.values.any? { |value| value.include?("&") }
          grown = plain.scan(NAMED).sum { |name,| known[name].to_s.bytesize }
          raise Invalid, "That drawing is larger than #{most / 1_000_000} MB." if plain.bytesize + grown > most
          plain.gsub(NAMED) { known.fetch(Regexp.last_match(1), Regexp.last_match(0)) }
        end
      end
    end
  end
end
