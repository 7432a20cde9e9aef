module Usher
  module Formats
    module Slides
      # A slide as a small picture. Films are left out, pictures that a browser would not show, and more of
      # them than is good for the server.
      class Sketch
        MOST = 40 # pictures
        MOST_DOTS = 30_000_000 # in all of them

        def initialize(slide)
          @slide, @dots = slide, 0
          @pictures = slide.pictures.first(MOST).to_h.transform_values { |bytes| address(bytes) }.compact
        end

        # Bytes of a PNG, so many dots wide.
        def png(width:) = Png::Writer.write(Page::Drawing.document(style, drawings) { |address| @pictures.values.fetch(Veil.read(address).first - 1) }, width: width)

        private

        def style = { **Page::Style::DEFAULTS, "colour" => @slide.colour, **Page::Style.shaped(@slide.width, @slide.height), **paper }

        def paper = @pictures.key?(@slide.backdrop) ? { "paper" => "picture", "measures" => { "picture" => number(@slide.backdrop), "fit" => "cover" } } : {}

        # Pictures are numbered from one, as they come.
        def number(name) = @pictures.keys.index(name) + 1

        def drawings
          seen = @slide.items.reject { |item| item["asset"] || item["picture"] && !@pictures.key?(item["picture"]) }
          seen.each_with_index.map do |item, index|
            Page::Drawing.item(Page::Placed.new(Items.build(item["picture"] ? item.merge("picture" => number(item["picture"])) : item), index), 0)
          end
        end

        # As an address that holds the picture itself; nil for what is none, or too large.
        def address(bytes)
          size = Raster.size(bytes) or return data(Svg::Reader.read(Metafile.reads?(bytes) ? Metafile.svg(bytes) : bytes).svg, "svg+xml")
          data(bytes, bytes.start_with?("\xFF\xD8".b) ? "jpeg" : "png") if (@dots += size.inject(:*)) <= MOST_DOTS
        rescue Invalid
          nil
        end

        def data(bytes, type) = "data:image/#{type};base64,#{[ bytes ].pack('m0')}"
      end
    end
  end
end
