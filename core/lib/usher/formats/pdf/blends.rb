module Usher
  module Formats
    module Pdf
      # How parts of a page mix with what lies behind them, such as a marker's yellow with the words under it. Poppler says it
      # by a name of a draft, which no browser knows, and within the clip of the part, which in CSS would keep it from what
      # is behind (Compositing and Blending Level 1, 2.2).
      module Blends
        SAID = /comp-op(?::([\w-]+)|="([\w-]+)")/
        CLIPPED = %r{<g clip-path="[^"]*"(?: clip-rule="\w+")?(?=>\s*<\w+\b[^>]*?#{SAID}[^>]*/>\s*</g>)}

        module_function

        # A page's SVG with the same said as a style.
        def read(svg)
          return svg unless svg.include?("comp-op")
          svg.gsub(CLIPPED) { |clip| %(#{clip} style="#{blend(Regexp.last_match)}") }.gsub(SAID) { |said| said.end_with?('"') ? %(style="#{blend(Regexp.last_match)}") : blend(Regexp.last_match) }
        end

        def blend(said) = "#{Svg::Allowed::BLEND}:#{said[1] || said[2]}"
        private_class_method :blend
      end
    end
  end
end
