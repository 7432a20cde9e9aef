module Usher
  module Formats
    module Slides
      # Presentations in Office Open XML (ISO/IEC 29500-1): each slide with what lies on its layout and master
      # under it, where its placeholders have their places and looks from.
      class OpenXml
        autoload :Diagram, "usher/formats/slides/open_xml/diagram"
        autoload :Grid, "usher/formats/slides/open_xml/grid"
        autoload :Guides, "usher/formats/slides/open_xml/guides"
        autoload :Inks, "usher/formats/slides/open_xml/inks"
        autoload :KeptChart, "usher/formats/slides/open_xml/kept_chart"
        autoload :Part, "usher/formats/slides/open_xml/part"
        autoload :Patterns, "usher/formats/slides/open_xml/patterns"
        autoload :Placeholders, "usher/formats/slides/open_xml/placeholders"
        autoload :TableStyle, "usher/formats/slides/open_xml/table_style"
        autoload :TableStyles, "usher/formats/slides/open_xml/table_styles"
        autoload :Tree, "usher/formats/slides/open_xml/tree"
        autoload :Writing, "usher/formats/slides/open_xml/writing"

        POINT = 12_700.0 # EMU
        SHEET = %w[sldImg hdr dt ftr sldNum].freeze # on a sheet of notes

        def initialize(archive)
          @archive = archive
          @show = Part.new(archive, "").follow("officeDocument") or raise Invalid, Archive::BROKEN
          @slides = Part.all(@show.root, "sldIdLst", "sldId").filter_map { |entry| @show.related(Part.relation(entry, "id")) }
        end

        def count = @slides.size

        # See Slides.open.
        def slide(number)
          slide = @slides.fetch(number - 1)
          layout = slide.follow("slideLayout")
          layers = [ slide, layout, layout&.follow("slideMaster") ].compact
          canvas = Canvas.new(*size, number: number, names: names)
          inks = Inks.new(layers)
          colour, backdrop = ground(layers, inks)
          draw(layers, canvas, inks, (colour unless backdrop))
          backdrop.is_a?(Part) ? canvas.paint(backdrop.name, bytes: backdrop.bytes) : canvas.paint(backdrop)
          canvas.finish(colour: colour, notes: notes(slide), hidden: %w[0 false].include?(slide.root["show"]))
        end

        def copy(name, io) = @archive.copy(name, io)

        private

        # { the part of a slide => its number }.
        def names = @names ||= @slides.each_with_index.to_h { |part, index| [ part.name, index + 1 ] }

        # [width, height] in points.
        def size = @size ||= Part.at(@show.root, "sldSz").then { |node| %w[cx cy].map { |side| (node ? node[side].to_f / POINT : 0).then { |n| n.between?(10, 10_000) ? n : 720 } } }

        # What lies behind first; of layout and master only what is not a placeholder.
        def draw(layers, canvas, inks, ground)
          shown = layers.take_while.with_index { |_, index| index.zero? || layers[index - 1].root["showMasterSp"] != "0" }
          shown.each_with_index.reverse_each do |part, index|
            tree = Part.at(part.root, "cSld", "spTree") or next
            drawing = Tree.new(part, canvas, inks, Placeholders.new(layers.drop(index), @show), backdrop: index.positive?, ground: ground)
            index.positive? ? canvas.background { drawing.draw(tree) } : drawing.draw(tree)
            drawing.draw(Part.at(part.root, "cSld", "controls")) if index.zero? && Part.at(part.root, "cSld", "controls")
          end
        end

        # The colour of the ground, and what lies over it: the Part of a picture, a Paint, or nil.
        def ground(layers, inks)
          layers.each do |part|
            paint = Part.at(part.root, "cSld", "bg") or next
            if (own = Part.at(paint, "bgPr"))
              picture = Part.at(own, "blipFill")&.then { |fill| (inks.photo(fill, part) if inks.changed?(fill)) || part.related(Part.relation(Part.at(fill, "blip"), "embed")) }
              return [ [ inks.fill(own), Colour::WHITE ].find { |one| one && one != "none" }, picture || inks.paint(own) ]
            end
            reference = Part.at(paint, "bgRef")
            return [ inks.colour(reference) || Colour::WHITE, inks.themed(reference) ]
          end
          [ Colour::WHITE, nil ]
        end

        # All that is written beneath the slide's likeness, but for the sheet's own furniture.
        def notes(slide)
          tree = Part.at(slide.follow("notesSlide")&.root, "cSld", "spTree")
          bodies = Part.all(tree, "sp").reject { |shape| SHEET.include?(Placeholders.of(shape)&.[]("type")) }
          bodies.flat_map { |body| Part.all(Part.at(body, "txBody"), "p") }.map { |paragraph| paragraph.xpath(".//*[local-name()='t']").map(&:text).join }.join("\n").strip
        end
      end
    end
  end
end
