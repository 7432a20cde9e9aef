module Usher
  module Formats
    module Svg
      # A page of text and lines as poppler writes it: letters as symbols, each used where it stands. Such pages come by the
      # hundred, and what Reader does to each part of a drawing is said here of the whole text at once, in a tenth of the
      # time. Whatever is not just so is left to Reader.
      module TextPage
        PLAIN = %w[id d x y x1 y1 x2 y2 width height transform viewBox version overflow clip-path clip-rule fill fill-rule fill-opacity
                   stroke stroke-width stroke-opacity stroke-linecap stroke-linejoin stroke-miterlimit stroke-dasharray style].freeze
        ATTRIBUTES = %r{(?>\s+(?:(?:#{PLAIN.join('|')}|xmlns(?::xlink)?)="[^"<&]*"|xlink:href="\#glyph[\w-]*"))*}
        WRITTEN = %r{\A(?><\?xml[^>]*\?>|\s+|</?(?:svg|defs|g|symbol|path|use|rect|clipPath)#{ATTRIBUTES}\s*/?>)*\z}
        ROOT = /<svg\b([^>]*)>/
        LETTER = %r{<symbol\b[^>]*>(?:(?!</symbol>).)*<(?:use|g|symbol)\b}m # that is made of others
        CUT = %r{<clipPath\b[^>]*(?:clip-path=|>(?:(?!</clipPath>).)*\sclip-path=)}m # and cut again
        DEEPEST = 200

        module_function

        # text: SVG from poppler; largest: bytes. A Reader::Result, or nil where it is another kind of page.
        def read(text, largest:)
          return if text.bytesize > largest || !text.match?(WRITTEN) || text.match?(Allowed::OUTWARD) || text.match?(LETTER) || text.match?(CUT)
          return unless text.count("<") <= Reader::MAX_DRAWN && balanced?(text)
          attributes = text[ROOT, 1].to_s.scan(/([\w:-]+)="([^"]*)"/).to_h
          width, height, box = Extent.of(attributes) { return nil }
          root = %(<svg xmlns="#{Reader::NAMESPACE}" viewBox="#{box}" width="#{width}" height="#{height}">)
          Reader::Result.new(unstyled(text.sub(ROOT, root).gsub("xlink:href", "href")), width, height, [])
        end

        # Every `style` as the attributes that say the same.
        def unstyled(text)
          known = {}
          text.gsub(/ style="([^"]*)"/) do
            known[Regexp.last_match(1)] ||= Regexp.last_match(1).scan(Styles::DECLARED).filter_map { |name, value| attribute(name, value.strip) }.join
          end
        end

        def attribute(name, value)
          return unless Allowed::PROPERTIES.include?(name) && Allowed.value?(name, value)
          name == Allowed::BLEND ? %( style="#{name}:#{value}") : %( #{name}="#{value}")
        end

        # Whether what is opened is closed, in its order; one root.
        def balanced?(text)
          open = []
          roots = 0
          text.scan(%r{<(/?)(\w+)[^>]*?(/?)>}) do |ends, name, empty|
            if ends == "/" then return false unless open.pop == name
            elsif empty.empty?
              roots += 1 if open.empty?
              open << name
              return false if open.size > DEEPEST
            end
          end
          open.empty? && roots == 1
        end
        private_class_method :unstyled, :attribute, :balanced?
      end
    end
  end
end
