require "digest"

module Usher
  module Formats
    # Slides of an office presentation as things that live on a page: words, shapes, pictures and tables
    # that can be moved and changed. Office Open XML (ISO/IEC 29500) and OpenDocument (ISO/IEC 26300).
    module Slides
      autoload :Archive, "usher/formats/slides/archive"
      autoload :Banner, "usher/formats/slides/banner"
      autoload :Canvas, "usher/formats/slides/canvas"
      autoload :Chart, "usher/formats/slides/chart"
      autoload :Columns, "usher/formats/slides/columns"
      autoload :Connectors, "usher/formats/slides/connectors"
      autoload :Fonts, "usher/formats/slides/fonts"
      autoload :FreeForm, "usher/formats/slides/free_form"
      autoload :Forms, "usher/formats/slides/forms"
      autoload :Gradient, "usher/formats/slides/gradient"
      autoload :Hatching, "usher/formats/slides/hatching"
      autoload :Jump, "usher/formats/slides/jump"
      autoload :Look, "usher/formats/slides/look"
      autoload :Matrix, "usher/formats/slides/matrix"
      autoload :OpenDocument, "usher/formats/slides/open_document"
      autoload :OpenXml, "usher/formats/slides/open_xml"
      autoload :Outline, "usher/formats/slides/outline"
      autoload :Paint, "usher/formats/slides/paint"
      autoload :Photo, "usher/formats/slides/photo"
      autoload :Presets, "usher/formats/slides/presets"
      autoload :RectangularGradient, "usher/formats/slides/rectangular_gradient"
      autoload :Signs, "usher/formats/slides/signs"
      autoload :Sketch, "usher/formats/slides/sketch"
      autoload :SvgGradient, "usher/formats/slides/svg_gradient"
      autoload :Table, "usher/formats/slides/table"
      autoload :Tiling, "usher/formats/slides/tiling"
      autoload :Tints, "usher/formats/slides/tints"
      autoload :Toning, "usher/formats/slides/toning"
      autoload :Words, "usher/formats/slides/words"

      OPEN_XML = %w[presentationml.presentation presentationml.slideshow presentationml.template].map { |kind| "application/vnd.openxmlformats-officedocument.#{kind}" } +
                 %w[presentation slideshow template].map { |kind| "application/vnd.ms-powerpoint.#{kind}.macroenabled.12" }
      OPEN_DOCUMENT = %w[presentation presentation-template].map { |kind| "application/vnd.oasis.opendocument.#{kind}" }
      READERS = { **OPEN_XML.to_h { |type| [ type, :OpenXml ] }, **OPEN_DOCUMENT.to_h { |type| [ type, :OpenDocument ] } }.freeze
      MOST = 500 # slides at once
      OWN = /\Adrawn-\h{24}\.svg\z/ # names of drawings that are made here

      # width, height in points; colour: of the ground, "#rrggbb"; backdrop: the name of the picture that is
      # its paper, or nil; items: values for Items.build, where a picture's number is its name in `pictures`
      # ({ name => bytes }), that of a film or a sound the name under which the reader can `copy` it, and a linked page's the number of
      # the slide;
      # notes: what the speaker wrote; missing: what could not be read, a word for each ("chart"); hidden: whether the show
      # leaves it out.
      Slide = Struct.new(:width, :height, :colour, :backdrop, :items, :pictures, :notes, :missing, :hidden, keyword_init: true)

      # The name under which a drawing that was made here is among a slide's pictures: the same for the same drawing.
      def self.own_name(svg) = "drawn-#{Digest::SHA256.hexdigest(svg)[0, 24]}.svg"

      # A reader of the file at `path`, which answers `count`, `slide(number)` (a Slide, counted from one)
      # and `copy(name, io)` (whether it was there). Raises Invalid when it is broken, locked or has too many.
      def self.open(path, type)
        reader = const_get(READERS.fetch(type)).new(Archive.new(path))
        raise Invalid, "That presentation has no slides. Nothing was changed." if reader.count.zero?
        raise Invalid, "That presentation has #{reader.count} slides. Usher takes #{MOST} at once: split it first." if reader.count > MOST
        reader
      end
    end
  end
end
